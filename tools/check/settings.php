<?php

declare(strict_types=1);

/*
 * The settings that ship are in force here, and nothing else sets them. Usage: as_shipped php tools/check/settings.php; exit 1 names what
 * parts. With --of-scripts only the scripts are read.
 */

$root = dirname(__DIR__, 2);
$wanted = array_filter(parse_ini_file("$root/ops/php/90-hojaldre.ini", false, INI_SCANNER_RAW) ?: [], is_string(...));
$wrong = [];
foreach (in_array('--of-scripts', $argv, true) ? [] : $wanted as $name => $value) {
    // the shell has no longest time
    if ($name !== 'max_execution_time' && strtolower((string) ini_get($name)) !== strtolower($value) && ! (in_array(strtolower($value), ['off', '0'], true) && (string) ini_get($name) === '') && ! (strtolower($value) === 'on' && ini_get($name) === '1')) {
        $wrong[] = "$name is ".ini_get($name)." here and $value in ops/php/90-hojaldre.ini: run it through as_shipped (ops/lib/common.sh).";
    }
}
// a script may turn the JIT off, to compare; a mode of it stands in one file alone
foreach ([...glob("$root/ops/*.sh") ?: [], ...glob("$root/ops/lib/*.sh") ?: [], ...glob("$root/ops/templates/*") ?: [], ...glob("$root/tools/*/*.{sh,mjs,php}", GLOB_BRACE) ?: [], ...glob("$root/tests/*/*.php") ?: [], "$root/hojaldre", "$root/phpunit.xml"] as $file) {
    foreach (file($file) ?: [] as $at => $line) {
        if (preg_match('/(opcache\.(?!jit=(?:disable|\$mode))(?!enable_cli=0)[a-z_]+ *= *)/', $line, $m) === 1 && ! in_array(basename($file), [basename(__FILE__), 'prove.sh'], true)) {
            $wrong[] = substr($file, strlen($root) + 1).':'.($at + 1)." sets $m[1]…: settings of PHP stand in ops/php alone.";
        }
    }
}
echo $wrong === [] ? '' : implode("\n", $wrong)."\n";
exit($wrong === [] ? 0 : 1);
