<?php

declare(strict_types=1);

namespace App\Console;

use App\Trees\Exchange\Runs;
use Illuminate\Console\Command;

final class ReleaseCommand extends Command
{
    protected $signature = 'bough:release';

    protected $description = 'Frees trees from work whose worker is gone; for use while no worker runs';

    public function handle(): int
    {
        Runs::releaseAll();

        return self::SUCCESS;
    }
}
