<?php

declare(strict_types=1);

/* Loads the core and the app's plain classes by themselves, without the framework and without Composer: a terminal must not wait for those. */

require __DIR__.'/../core/autoload.php';

spl_autoload_register(static function (string $class): void {
    if (str_starts_with($class, 'App\\')) {
        $file = __DIR__.'/../app/'.strtr(substr($class, 4), '\\', '/').'.php';
        if (is_file($file)) {
            require $file;
        }
    }
});
