<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

use NorthBough\Core\Sex;

/**
 * Kin by one marriage, or by two for the spouses of siblings. Parents, children and siblings have a word that says
 * which way ("brother-in-law (wife's brother)"); everybody farther is told by the way alone ("uncle's wife").
 */
final readonly class InLaws
{
    public function __construct(private LineageKin $descent, private Sex $sex)
    {
    }

    /**
     * The partner's kin: father-in-law, wife's first cousin. The partner's children are the person's own or step.
     *
     * @return list<Relationship>
     */
    public function throughOwnPartner(string $oneId, string $partnerId, string $otherId, string $partnerWord): array
    {
        $found = [];
        foreach ($this->descent->between($partnerId, $otherId) as $ties) {
            if (! $ties->degree->isDescendant()) {
                $way = "{$partnerWord}'s {$ties->term($this->sex)}";
                $found[] = $this->relationship($this->named($ties, $way), $ties, static fn (array $path): array => [$oneId, ...$path]);
            }
        }

        return $found;
    }

    /**
     * The partners of kin: daughter-in-law, aunt by marriage. The partners of ancestors are ancestors or step.
     *
     * @return list<Relationship>
     */
    public function throughTheirPartner(string $oneId, string $partnerId, string $otherId, Sex $partnerSex, string $otherWord): array
    {
        $found = [];
        foreach ($this->descent->between($oneId, $partnerId) as $ties) {
            if (! $ties->degree->isAncestor()) {
                $way = self::whose($ties->term($partnerSex), $otherWord);
                $found[] = $this->relationship($this->named($ties, $way), $ties, static fn (array $path): array => [...$path, $otherId]);
            }
        }

        return $found;
    }

    /**
     * The partner's sibling's partner.
     *
     * @return list<Relationship>
     */
    public function throughBoth(
        string $oneId,
        string $mineId,
        string $theirsId,
        string $otherId,
        string $mineWord,
        Sex $theirsSex,
        string $otherWord,
    ): array {
        $found = [];
        foreach ($this->descent->between($mineId, $theirsId) as $ties) {
            if ($ties->degree->isSibling()) {
                $way = "{$mineWord}'s ".self::whose($ties->term($theirsSex), $otherWord);
                $found[] = $this->relationship($this->named($ties, $way), $ties,
                    static fn (array $path): array => [$oneId, ...$path, $otherId], 2);
            }
        }

        return $found;
    }

    /** Uncle's wife, half or full: what is open of the uncle is told at the end. */
    private static function whose(string $term, string $word): string
    {
        [$whom, $open] = [...explode(', ', $term, 2), ''];

        return "{$whom}'s {$word}".($open === '' ? '' : ", {$open}");
    }

    private function named(LineageDegree $ties, string $way): string
    {
        $degree = $ties->degree;
        $hasWord = $degree->isSibling() || $degree->isAncestor() || $degree->isDescendant();
        $plain = (new KinWords($degree->up, $degree->down, LineageMeeting::Direct))->word($this->sex, KinKind::Blood);

        return $hasWord ? "{$plain}-in-law ({$way})" : $way;
    }

    /** @param  \Closure(list<string>): list<string>  $whole */
    private function relationship(string $term, LineageDegree $ties, \Closure $whole, int $unions = 1): Relationship
    {
        return new Relationship($term, KinKind::InLaw, $ties->total(), array_map($whole, $ties->paths()), $ties->distance() + $unions);
    }
}
