<?php

declare(strict_types=1);

namespace App\Http\Api;

/**
 * A page of a sorted list.
 *
 * @template Row
 */
final readonly class SortedPage
{
    /**
     * @param  list<Row>  $rows
     * @param  string|null  $next  where the next page begins; null where there is none
     */
    public function __construct(public array $rows, public ?string $next)
    {
    }
}
