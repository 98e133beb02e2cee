<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\Api\Description;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

final class OpenApiCommand extends Command
{
    protected $signature = 'bough:openapi';

    protected $description = 'Writes docs/openapi.json from the attributes of the API';

    public function handle(): int
    {
        File::put(base_path('docs/openapi.json'), Description::json());

        return self::SUCCESS;
    }
}
