<?php

declare(strict_types=1);

/* Copies composer.lock to composer.portable.lock without the addresses packages came from: versions and checksums stay. */

$root = dirname(__DIR__);
$lock = json_decode((string) file_get_contents("$root/composer.lock"), true, 64, JSON_THROW_ON_ERROR);
foreach (['packages', 'packages-dev'] as $group) {
    foreach ($lock[$group] as &$package) {
        unset($package['source'], $package['notification-url'], $package['support'], $package['funding'], $package['homepage'], $package['authors'], $package['keywords'], $package['description']);
        $package['dist']['url'] = 'removed';
        unset($package['dist']['mirrors']);
    }
    unset($package);
}
file_put_contents("$root/composer.portable.lock", json_encode($lock, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n");
