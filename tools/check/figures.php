<?php

declare(strict_types=1);

/*
 * Every figure of the core says where it comes from, and every public quantity its unit. Usage: php tools/check/figures.php [ROOT];
 * exit 1 names every fault. Pantry tables have their sources beside them (core/pantry/README.md).
 */

$root = $argv[1] ?? dirname(__DIR__, 2);

const SOURCES = '~docs/sources\.md#|docs/model\.md|fitted|judgement|judged|common practice|definition|numerics|from memory~i';
/** Ends of names that say the unit, and whole names that are understood. */
const UNITS = '~(grams|gram|kg|g|ml|mm|mm2|m|m2|m3|metres|celsius|kelvins|kelvin|minutes|minute|seconds|percent|percents|share|ratio|factor|gain|index|litre|watts|joules|pascal|per100g|PerMl|PerM3|steps|number|cost|costOfAPortion|millilitres|Brown|value|low|high|least|most|lower|upper|off|zeta|fat|protein|water|carbohydrate|fibre|ash|salt|lewis|dries|radiates|contact|convectionAbove|convectionBelow|by|eggs|solids|volume|dry|yield(Low|High)|minutes(Low|High))$~i';

require "$root/core/autoload.php";
$faults = [];
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/core/src", FilesystemIterator::SKIP_DOTS)) as $file) {
    if (! $file instanceof SplFileInfo || str_contains($file->getPathname(), '/Pantry/')) {
        continue;
    }
    /** @var class-string $name */
    $name = 'Hojaldre\\Core'.strtr(substr($file->getPathname(), strlen("$root/core/src"), -4), '/', '\\');
    $class = new ReflectionClass($name);
    $before = (string) $class->getDocComment();
    foreach ($class->getReflectionConstants() as $constant) {
        if ($constant->getDeclaringClass()->name !== $name || $constant->isEnumCase()) {
            continue;
        }
        // a comment holds for the constants below it, until the next one
        $before = $constant->getDocComment() === false ? $before : $constant->getDocComment();
        $value = $constant->getValue();
        $isFigure = is_float($value) || (is_int($value) && ! in_array($value, [0, 1], true));
        if ($isFigure && preg_match(SOURCES, $before.$class->getDocComment()) !== 1) {
            $faults[] = "$name::{$constant->getName()} does not say where it comes from: a source, or in brackets what it is (tools/check/figures.php).";
        }
    }
    $said = (string) $class->getDocComment().(string) $class->getConstructor()?->getDocComment();
    foreach ($class->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
        $type = $property->getType();
        $isFloat = $type instanceof ReflectionNamedType && $type->getName() === 'float';
        $isTold = preg_match(UNITS, $property->getName()) === 1 || $property->getDocComment() !== false || preg_match('~\$'.$property->getName().'\b~', $said) === 1;
        if ($isFloat && $property->getDeclaringClass()->name === $name && ! $isTold) {
            $faults[] = "$name::\${$property->getName()} does not say its unit: in its name or in a docblock.";
        }
    }
}
foreach ($faults as $fault) {
    fwrite(STDERR, $fault."\n");
}
exit($faults === [] ? 0 : 1);
