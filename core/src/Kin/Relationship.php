<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

/** What one person is to another, in one sense. */
final readonly class Relationship
{
    /** No more paths than this are listed; all are counted. */
    public const LISTED = 50;

    /**
     * @param  string  $term  first cousin once removed, stepmother, brother-in-law (wife's brother)
     * @param  int  $total  how many paths there are, PHP_INT_MAX where they are more
     * @param  list<list<string>>  $paths  ids of people from the one to the other, at most LISTED
     * @param  int  $distance  ties along the shortest, for order
     */
    public function __construct(
        public string $term,
        public KinKind $kind,
        public int $total,
        public array $paths,
        public int $distance,
    ) {
    }

    /** The same term come by in another way: two wives who were sisters make one mother-in-law. */
    public function with(self $otherRelationship): self
    {
        $total = $this->total > PHP_INT_MAX - $otherRelationship->total ? PHP_INT_MAX : $this->total + $otherRelationship->total;
        $paths = array_slice([...$this->paths, ...$otherRelationship->paths], 0, self::LISTED);

        return new self($this->term, $this->kind, $total, $paths, min($this->distance, $otherRelationship->distance));
    }
}
