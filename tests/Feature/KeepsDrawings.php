<?php

declare(strict_types=1);

namespace Tests\Feature;

/** A drawing as the page saves it. */
trait KeepsDrawings
{
    /**
     * @param  list<string>  $subjects
     * @param  array<string, mixed>  $handwork
     * @return array<string, mixed>
     */
    protected static function drawing(string $kind, array $subjects, array $handwork = [], int $version = 1): array
    {
        return ['name' => 'For the wall', 'kind' => $kind, 'subjects' => $subjects, 'options' => ['lines' => 'birth'],
            'handwork' => $handwork, 'version' => $version];
    }
}
