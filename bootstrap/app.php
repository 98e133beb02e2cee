<?php

declare(strict_types=1);

use App\Http\Problems;
use App\Http\Security\InTree;
use App\Http\Security\LegibleInput;
use App\Http\Security\StrictHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;

// Whatever the program writes lies in one folder, which start and test choose.
$base = dirname(__DIR__);
$var = getenv('NB_VAR') ?: (is_file($base.'/var/moved-to') ? trim((string) file_get_contents($base.'/var/moved-to')) : $base.'/var');
// Test processes that run side by side have each a folder of their own.
if (getenv('APP_ENV') === 'testing' && ctype_digit((string) getenv('TEST_TOKEN'))) {
    $var .= '/'.getenv('TEST_TOKEN');
}
foreach (['SERVICES', 'PACKAGES', 'CONFIG', 'ROUTES', 'EVENTS'] as $cache) {
    $_ENV["APP_{$cache}_CACHE"] = "{$var}/storage/framework/".strtolower($cache).'.php';
}

$app = Application::configure(basePath: $base)
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        // One origin serves page and API.
        $middleware->remove(HandleCors::class);
        // What was typed stays as it was typed, and an emptied field is not one that was left out.
        $middleware->remove([ConvertEmptyStringsToNull::class, TrimStrings::class]);
        $middleware->append([StrictHeaders::class, LegibleInput::class]);
        $middleware->alias(['tree' => InTree::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })
    ->create();

$app->useStoragePath($var.'/storage');
$app->useEnvironmentPath($var);
$app->loadEnvironmentFrom('environment');

return $app;
