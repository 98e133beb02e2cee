<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\Api\Description;
use Illuminate\Console\Command;

final class OpenApiCommand extends Command
{
    protected $signature = 'bough:openapi';

    protected $description = 'Prints the OpenAPI description that the attributes make; it belongs in docs/openapi.json';

    public function handle(): int
    {
        $this->output->write(Description::json());

        return self::SUCCESS;
    }
}
