<?php

declare(strict_types=1);

namespace App\Trees\Kinds;

use App\Models\Tree;
use App\Trees\Scope\CurrentTree;
use Closure;

/**
 * The kinds of a tree's own, fetched when one is first asked for. What was fetched counts for one entering of the tree:
 * for one request, or one piece of work.
 *
 * @template T
 */
final class CustomKinds
{
    /** @var array<string, T>|null by id; null until one is asked for */
    private ?array $known = null;

    private ?Tree $of = null;

    /** @param  Closure(): array<string, T>  $read */
    public function __construct(private readonly CurrentTree $current, private readonly Closure $read)
    {
    }

    /** @return array<string, T> by id */
    public function all(): array
    {
        if ($this->known === null || $this->of !== $this->current->get()) {
            $this->of = $this->current->get();
            $this->known = ($this->read)();
        }

        return $this->known;
    }

    /** After one of them was made or changed. */
    public function forget(): void
    {
        $this->known = null;
    }
}
