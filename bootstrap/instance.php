<?php

declare(strict_types=1);

/*
 * One checkout can run several instances (the kitchen's own, the one of the browser tests). Each keeps its settings, caches,
 * sessions and logs in a folder of its own, var/main unless HOJALDRE_INSTANCE names another.
 */
return (static function (): string {
    $folder = (string) ($_SERVER['HOJALDRE_INSTANCE'] ?? getenv('HOJALDRE_INSTANCE') ?: dirname(__DIR__).'/var/main');
    $folder = str_starts_with($folder, '/') ? $folder : dirname(__DIR__)."/$folder";
    foreach (['cache', 'storage/framework/sessions', 'storage/framework/cache/data', 'storage/framework/views', 'storage/logs', 'storage/app'] as $needed) {
        if (! is_dir("$folder/$needed")) {
            @mkdir("$folder/$needed", 0700, true);
        }
    }
    foreach (['CONFIG', 'ROUTES', 'EVENTS', 'SERVICES', 'PACKAGES'] as $cache) {
        $_SERVER["APP_{$cache}_CACHE"] ??= "$folder/cache/".strtolower($cache).'.php';
    }

    return $folder;
})();
