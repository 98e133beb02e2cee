<?php

declare(strict_types=1);

/* Boots the application for a bench, and holds what its parts share. */

use App\Models\Tree;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Str;

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
ini_set('memory_limit', '2G');

const BENCH_EMAIL = 'bench@marren.example';
const BENCH_PASSWORD = 'tide-and-tally';

function benchUser(): User
{
    return User::query()->where('email', BENCH_EMAIL)->first()
        ?? User::query()
            ->forceCreate(['id' => (string) Str::uuid7(), 'name' => 'Bench', 'email' => BENCH_EMAIL, 'password' => bcrypt(BENCH_PASSWORD)]);
}

function benchTree(string $name): Tree
{
    return Tree::query()->where('name', $name)->first() ?? Tree::begin($name, benchUser());
}

/** @param  list<float>  $values */
function percentile(array $values, float $share): float
{
    sort($values);

    return $values[(int) min(count($values) - 1, floor($share * count($values)))];
}

/** @param  array<string, int|float|string>  $figures one line of JSON, for run to gather */
function told(array $figures): void
{
    echo json_encode($figures), "\n";
}
