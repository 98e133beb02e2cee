<?php

declare(strict_types=1);

namespace App\Trees\Access;

use Closure;
use NorthBough\Core\Tree\TreeView;

/** A tree that tells how many lives were read from it, for long work to say how far it has come and to learn that it is unwanted. */
final class WatchedTree implements TreeView
{
    private int $read = 0;

    /** @param  Closure(int): void  $tell  given how many lives were read so far */
    public function __construct(private readonly TreeView $tree, private readonly Closure $tell)
    {
    }

    public function people(array $ids): array
    {
        $this->count($ids);

        return $this->tree->people($ids);
    }

    public function lives(array $ids, array $backed = []): array
    {
        $this->count($ids);

        return $this->tree->lives($ids, $backed);
    }

    public function parentSets(array $childIds): array
    {
        $this->count([]);

        return $this->tree->parentSets($childIds);
    }

    public function unionsOf(array $personIds): array
    {
        $this->count([]);

        return $this->tree->unionsOf($personIds);
    }

    public function unions(array $unionIds, ?array $backed = null): array
    {
        $this->count([]);

        return $this->tree->unions($unionIds, $backed);
    }

    public function placings(array $personIds): array
    {
        return $this->tree->placings($personIds);
    }

    public function roles(array $eventIds): array
    {
        return $this->tree->roles($eventIds);
    }

    public function asides(array $personIds): array
    {
        return $this->tree->asides($personIds);
    }

    /** @param  list<string>  $ids */
    private function count(array $ids): void
    {
        $this->read += count($ids);
        ($this->tell)($this->read);
    }
}
