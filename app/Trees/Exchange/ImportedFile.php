<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

/** A file that is brought in: where it lies, what it is called, its digest, and where there is room for what it becomes. */
final readonly class ImportedFile
{
    public function __construct(public string $path, public string $name, public string $sha256, public string $folder)
    {
    }
}
