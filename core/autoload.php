<?php

declare(strict_types=1);

/*
 * Loads the core by itself, without the framework and without Composer: used by `hojaldre forecast`,
 * by the core's own static analysis, and by nothing else.
 */
spl_autoload_register(static function (string $class): void {
    $prefix = 'Hojaldre\\Core\\';
    if (str_starts_with($class, $prefix)) {
        $file = __DIR__.'/src/'.strtr(substr($class, strlen($prefix)), '\\', '/').'.php';
        if (is_file($file)) {
            require $file;
        }
    }
});
