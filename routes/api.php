<?php

declare(strict_types=1);

/* Every word of the trade keeps its own routes; what belongs to a kitchen lies below it and is closed to others there. */

use Illuminate\Support\Facades\Route;

require app_path('Kitchen/routes.php');

Route::middleware(['auth', 'kitchen'])->prefix('kitchens/{kitchen}')->group(static function (): void {
    require app_path('Advice/routes.php');
    require app_path('Archive/routes.php');
    require app_path('AtOven/routes.php');
    require app_path('Batch/routes.php');
    require app_path('Day/routes.php');
    require app_path('Food/routes.php');
    require app_path('Forecast/routes.php');
    require app_path('Label/routes.php');
    require app_path('Measure/routes.php');
    require app_path('Oven/routes.php');
    require app_path('Pastry/routes.php');
    require app_path('People/routes.php');
    require app_path('Pie/routes.php');
    require app_path('Prep/routes.php');
    require app_path('Recipe/routes.php');
    require app_path('Record/routes.php');
    require app_path('Tin/routes.php');
});
