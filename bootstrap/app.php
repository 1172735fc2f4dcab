<?php

declare(strict_types=1);

use App\Kitchen\CsrfCheck;
use App\Kitchen\InKitchen;
use App\Kitchen\MayWrite;
use App\Kitchen\OnlyOwner;
use App\Kitchen\SameDoor;
use App\Kitchen\User;
use App\Problem\BoundJson;
use App\Problem\Problem;
use App\Problem\ProblemResponse;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

$instance = require __DIR__.'/instance.php';
assert(is_string($instance));

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        then: static function (): void {
            Route::prefix('api')->group(base_path('routes/open.php'));
            Route::middleware('web')->prefix('api')->group(base_path('routes/api.php'));
        },
    )
    ->withCommands([App\Kitchen\OpenKitchenCommand::class, App\Kitchen\AddMemberCommand::class, App\Pie\ReadVerdictsCommand::class, App\AtOven\LiveDemoCommand::class])
    ->withMiddleware(static function (Middleware $middleware): void {
        // a design is kept as it was sent: an empty note stays an empty note
        $middleware->prepend(BoundJson::class);
        $middleware->remove([TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->web(replace: [ValidateCsrfToken::class => CsrfCheck::class], remove: [ShareErrorsFromSession::class], append: [SameDoor::class]);
        $middleware->prependToPriorityList(before: AuthenticatesRequests::class, prepend: SameDoor::class);
        $middleware->alias(['kitchen' => InKitchen::class, 'write' => MayWrite::class, 'owner' => OnlyOwner::class]);
        $middleware->redirectGuestsTo(static fn (): ?string => null);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->dontReport([Problem::class, Hojaldre\Core\Refusal\Refused::class]);
        $exceptions->render(static fn (Throwable $thrown, Illuminate\Http\Request $request) => ProblemResponse::for($thrown, User::wordsOf($request)));
    })
    ->create()
    ->useEnvironmentPath($instance)
    ->loadEnvironmentFrom('settings.env')
    ->useStoragePath("$instance/storage");
