#!/usr/bin/env bash
# The core at the highest level, alone: the analyser is run from a copy outside vendor/, else it would load Composer's autoloader
# by itself and know every helper of the framework.
set -euo pipefail
mkdir -p var
cp -u vendor/phpstan/phpstan/phpstan.phar var/phpstan.phar
cd core
exec php -d memory_limit=1G ../var/phpstan.phar analyse --no-progress --error-format=raw --autoload-file autoload.php
