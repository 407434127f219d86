@echo off
setlocal
set "HOME_DIR=%~dp0"
where java >nul 2>nul || (echo neat-trace: Java 17 or later is needed. Install a JDK and try again. 1>&2 & exit /b 1)
if not exist "%HOME_DIR%app\target\lib" (
  where mvn >nul 2>nul || (echo neat-trace: Maven is needed to build. Install it and try again. 1>&2 & exit /b 1)
  echo neat-trace: building, this takes a minute the first time 1>&2
  call mvn -B -q -f "%HOME_DIR%pom.xml" -DskipTests -Dspotless.check.skip=true -pl core,cli,app package || exit /b 1
)
set "LIB=%HOME_DIR%app\target\lib"
set "APP=%HOME_DIR%app\target\neattrace-app-0.1.0.jar"
for %%c in (trace flat info help) do if "%~1"=="%%c" goto command
java -Djava.awt.headless=true -cp "%APP%;%LIB%\*" neattrace.app.Launcher %*
exit /b %errorlevel%
:command
java -Djava.awt.headless=true -cp "%LIB%\*" neattrace.cli.NeatTrace %*
exit /b %errorlevel%
