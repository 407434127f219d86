@echo off
rem The one way in on Windows: checks what is needed, builds once, starts the window or the command line.
setlocal
set "HOME_DIR=%~dp0"
set "STAMP=%HOME_DIR%app\target\built"
where javac >nul 2>nul || (echo neat-trace: a JDK, version 17 or later, is needed. Install one and try again. 1>&2 & exit /b 1)
for /f "tokens=2 delims= ." %%v in ('javac -version 2^>^&1') do set "JAVA_MAJOR=%%v"
if %JAVA_MAJOR% LSS 17 (echo neat-trace: Java 17 or later is needed; found %JAVA_MAJOR%. 1>&2 & exit /b 1)
set "CHANGED=yes"
if exist "%STAMP%" for /f %%c in ('powershell -NoProfile -Command "$t=(Get-Item '%STAMP%').LastWriteTime; if (Get-ChildItem '%HOME_DIR%core\src\main','%HOME_DIR%standin\src\main','%HOME_DIR%cli\src\main','%HOME_DIR%app\src\main','%HOME_DIR%*pom.xml','%HOME_DIR%*\pom.xml' -Recurse -File | Where-Object {$_.LastWriteTime -gt $t} | Select-Object -First 1) {'yes'} else {'no'}"') do set "CHANGED=%%c"
if "%CHANGED%"=="yes" (
  where mvn >nul 2>nul || (echo neat-trace: Maven is needed to build. Install it and try again. 1>&2 & exit /b 1)
  echo neat-trace: building, this takes a minute the first time 1>&2
  call mvn -B -q -f "%HOME_DIR%pom.xml" -DskipTests -Dspotless.check.skip=true -pl core,standin,cli,app package || exit /b 1
  type nul > "%STAMP%"
)
set "LIB=%HOME_DIR%app\target\lib"
set "APP=%HOME_DIR%app\target\neattrace-app-0.1.0.jar"
if "%~1"=="--help" goto help
if "%~1"=="-h" goto help
for %%c in (sheet trace flat make press check plan propose info settings help --verbose) do if "%~1"=="%%c" goto command
if not "%~1"=="" if not "%~1"=="demo" if not exist "%~1" goto command
java -Djava.awt.headless=true -Dorg.slf4j.simpleLogger.defaultLogLevel=off -cp "%APP%;%LIB%\*" neattrace.app.Launcher %*
exit /b %errorlevel%
:help
java -Djava.awt.headless=true -cp "%LIB%\*" neattrace.cli.NeatTrace help
exit /b %errorlevel%
:command
java -Djava.awt.headless=true -Dorg.slf4j.simpleLogger.defaultLogLevel=off -cp "%LIB%\*" neattrace.cli.NeatTrace %*
exit /b %errorlevel%
