<?php

declare(strict_types=1);

/*
 * What no other checker sees. Usage: php tools/check/layout.php [ROOT]; exit 1 names every fault.
 * Runs without Composer's autoloader, so that only PHP's own functions are known here.
 */

$root = $argv[1] ?? dirname(__DIR__, 2);
$refusals = [];

/** @return list<string> */
function filesBelow(string $folder, string $pattern): array
{
    if (! is_dir($folder)) {
        return [];
    }
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file instanceof SplFileInfo && preg_match($pattern, $file->getPathname()) === 1) {
            $found[] = $file->getPathname();
        }
    }
    sort($found);

    return $found;
}

/**
 * Names of functions called in a PHP file, without those of methods and of the file's own.
 *
 * @return list<string>
 */
function functionsCalled(string $code): array
{
    $tokens = array_values(array_filter(PhpToken::tokenize($code), static fn (PhpToken $token): bool => ! $token->isIgnorable()));
    $called = [];
    foreach ($tokens as $i => $token) {
        $before = $tokens[$i - 1] ?? null;
        $after = $tokens[$i + 1] ?? null;
        $named = $token->is([T_STRING, T_NAME_FULLY_QUALIFIED]) && $after?->text === '(';
        // a name with a capital is a class: an attribute
        $named = $named && ! ctype_upper(ltrim($token->text, '\\')[0]);
        if ($named && ! $before?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_NEW, T_FUNCTION])) {
            $called[] = strtolower(ltrim($token->text, '\\'));
        }
    }

    return $called;
}

/**
 * The functions with a name of a PHP file.
 *
 * @return list<array{string, int, int}> name, lines, arguments
 */
function functionsOf(string $code): array
{
    $tokens = array_values(array_filter(PhpToken::tokenize($code), static fn (PhpToken $token): bool => ! $token->isIgnorable()));
    $found = [];
    foreach ($tokens as $i => $token) {
        if (! $token->is(T_FUNCTION) || ! ($tokens[$i + 1] ?? null)?->is(T_STRING)) {
            continue;
        }
        [$depth, $arguments, $opened] = [0, 0, false];
        for ($j = $i + 2; isset($tokens[$j]); $j++) {
            $text = $tokens[$j]->text;
            $depth += in_array($text, ['(', '[', '{', '#['], true) ? 1 : (in_array($text, [')', ']', '}'], true) ? -1 : 0);
            $arguments += ! $opened && $depth === 1 && $tokens[$j]->is(T_VARIABLE) ? 1 : 0;
            $opened = $opened || ($text === '{' && $depth === 1);
            if ($depth === 0 && ($text === ';' || $text === '}')) {
                break;
            }
        }
        $found[] = [$tokens[$i + 1]->text, ($tokens[$j] ?? $token)->line - $token->line + 1, $arguments];
    }

    return $found;
}

// 1. No file over 400 lines, but what is written by ./hojaldre generate.
foreach (['core', 'app', 'web/src', 'tests', 'e2e', 'tools', 'database', 'bootstrap', 'config', 'routes'] as $folder) {
    foreach (filesBelow("$root/$folder", '/\.(php|tsx?|mjs)$/') as $file) {
        $lines = count((array) file($file));
        if ($lines > 400 && ! str_contains($file, '/generated/') && ! str_contains($file, 'core/src/Food/Pantry/')) {
            $refusals[] = "$file has $lines lines; 400 are the most.";
        }
    }
}

// 2. The core calls PHP's own functions only, and none that reads a clock, dice, a file or the environment.
$internal = array_flip(get_defined_functions()['internal']);
$closed = array_flip([
    'time', 'microtime', 'hrtime', 'date', 'gmdate', 'mktime', 'strtotime', 'getdate', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'lcg_value',
    'uniqid', 'shuffle', 'array_rand', 'str_shuffle', 'file_get_contents', 'file_put_contents', 'fopen', 'file', 'readfile', 'glob', 'scandir', 'is_file',
    'getenv', 'putenv', 'ini_get', 'ini_set', 'exec', 'shell_exec', 'system', 'passthru', 'proc_open', 'header', 'setlocale', 'mail', 'sleep', 'usleep',
]);
foreach (filesBelow("$root/core/src", '/\.php$/') as $file) {
    foreach (functionsCalled((string) file_get_contents($file)) as $name) {
        if (! isset($internal[$name])) {
            $refusals[] = "$file calls $name(), which is no function of PHP's own: the core imports no framework.";
        } elseif (isset($closed[$name])) {
            $refusals[] = "$file calls $name(): the core reads no clock, no dice, no file, no environment; give it as an argument.";
        }
    }
}

// 3. Every source named in code is listed.
$sources = (string) @file_get_contents("$root/docs/sources.md");
preg_match_all('/<a id="([a-z0-9-]+)">/', $sources, $anchors);
foreach ([...filesBelow("$root/core", '/\.php$/'), ...filesBelow("$root/app", '/\.php$/'), ...filesBelow("$root/web/src", '/\.tsx?$/')] as $file) {
    preg_match_all('~docs/sources\.md#([a-z0-9-]+)~', (string) file_get_contents($file), $named);
    foreach (array_diff($named[1], $anchors[1]) as $missing) {
        $refusals[] = "$file names the source #$missing, which docs/sources.md does not have.";
    }
}

// 4. Strict types everywhere in PHP.
foreach (['core', 'app', 'tests', 'tools', 'database', 'bootstrap', 'config', 'routes'] as $folder) {
    foreach (filesBelow("$root/$folder", '/\.php$/') as $file) {
        if (! str_contains((string) file_get_contents($file), 'declare(strict_types=1);')) {
            $refusals[] = "$file does not declare strict types.";
        }
    }
}

// 5. No function over 60 lines, and none with more than 8 arguments but a constructor, which only names what it holds.
foreach ([...filesBelow("$root/core/src", '/\.php$/'), ...filesBelow("$root/app", '/\.php$/')] as $file) {
    foreach (functionsOf((string) file_get_contents($file)) as [$name, $lines, $arguments]) {
        if ($lines > 60) {
            $refusals[] = "$file: $name() has $lines lines; 60 are the most.";
        }
        if ($arguments > 10 && $name !== '__construct') {
            $refusals[] = "$file: $name() takes $arguments arguments; 10 are the most.";
        }
    }
}

foreach ($refusals as $fault) {
    fwrite(STDERR, $fault."\n");
}
exit($refusals === [] ? 0 : 1);
