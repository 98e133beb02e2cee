<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/**
 * What is supposed for the sake of an argument: standings, ties and placings that are otherwise than in the tree, and
 * claims that are left out. Each call answers with one supposition more.
 */
final readonly class Suppositions
{
    /**
     * @param  array<string, Standing>  $events  by event
     * @param  array<string, Parentage>  $parentages  by set and parent
     * @param  array<string, ParentSet>  $ties  by id
     * @param  array<string, ParentSet>  $untied  by id
     * @param  array<string, Union>  $unions  by id
     * @param  array<string, true>  $withoutClaims
     * @param  array<string, Placing>  $placings  by line
     * @param  array<string, true>  $unplaced  lines
     */
    private function __construct(
        public array $events,
        public array $parentages,
        public array $ties,
        public array $untied,
        public array $unions,
        public array $withoutClaims,
        public array $placings,
        public array $unplaced,
    ) {
    }

    public static function none(): self
    {
        return new self([], [], [], [], [], [], [], []);
    }

    public function eventStands(string $eventId, Standing $standing): self
    {
        return $this->with(['events' => [$eventId => $standing] + $this->events]);
    }

    /** A tie that is there, on another footing. */
    public function parentIs(ParentSet $set, Parentage $parentage): self
    {
        return $this->with(['parentages' => ["{$set->id} {$parentage->personId}" => $parentage] + $this->parentages]);
    }

    /** A tie that is not there; when it leads, no other set of that child does. */
    public function tied(ParentSet $set): self
    {
        return $this->with(['ties' => [$set->id => $set] + $this->ties]);
    }

    /** A tie that is there, left out. */
    public function untied(ParentSet $set): self
    {
        return $this->with(['untied' => [$set->id => $set] + $this->untied, 'ties' => array_diff_key($this->ties, [$set->id => 1])]);
    }

    /** A couple that is not there. */
    public function together(Union $union): self
    {
        return $this->with(['unions' => [$union->id => $union] + $this->unions]);
    }

    public function withoutClaim(string $claimId): self
    {
        return $this->with(['withoutClaims' => [$claimId => true] + $this->withoutClaims]);
    }

    /** A line on somebody, and on nobody else. */
    public function placed(Placing $placing): self
    {
        return $this->with(
            ['placings' => [$placing->lineId => $placing] + $this->placings,
                'unplaced' => array_diff_key($this->unplaced, [$placing->lineId => 1])]);
    }

    /** A line on nobody. */
    public function unplaced(string $lineId): self
    {
        return $this->with(
            ['unplaced' => [$lineId => true] + $this->unplaced, 'placings' => array_diff_key($this->placings, [$lineId => 1])]);
    }

    /** @param  array<string, mixed>  $changed */
    private function with(array $changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]);
    }
}
