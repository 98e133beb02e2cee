<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Cast;

/** A couple, or one parent, with those of their children who are drawn. */
final readonly class Household
{
    /**
     * @param  string  $id  of the union
     * @param  non-empty-list<string>  $partnerIds  who are drawn, fathers first where that is known
     * @param  list<string>  $childIds  in their order
     * @param  list<Tie>  $ties
     * @param  bool  $isUnproved  whether the couple is one that somebody only says
     */
    public function __construct(
        public string $id,
        public array $partnerIds,
        public array $childIds,
        public array $ties,
        public bool $isUnproved,
    ) {
    }
}
