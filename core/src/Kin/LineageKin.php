<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

/** Kinship by lines of descent among people whose ancestors have been fetched. */
final class LineageKin
{
    /** @var array<string, list<LineageDegree>> */
    private array $known = [];

    public function __construct(private readonly Pedigree $pedigree)
    {
    }

    /**
     * @return list<LineageDegree> what the second person is to the first, nearest first; none for the same person
     */
    public function between(string $oneId, string $otherId): array
    {
        return $this->known["{$oneId} {$otherId}"] ??= $this->find($oneId, $otherId);
    }

    /** @return list<LineageDegree> */
    private function find(string $oneId, string $otherId): array
    {
        $node = $this->pedigree->nodeOf($oneId);
        $otherNode = $this->pedigree->nodeOf($otherId);
        if ($node === null || $otherNode === null || $node === $otherNode) {
            return [];
        }
        $lines = LineagePairs::between($this->pedigree, $node, $otherNode);
        $ties = [];
        foreach ($lines->meetings() as $meeting) {
            $kind = KinKind::ofBits($meeting['bits']);
            $isUnproved = ($meeting['bits'] & Pedigree::UNPROVED) !== 0;
            $key = implode(' ', [$meeting['up'], $meeting['down'], $meeting['meeting']->value, $kind->value, (int) $isUnproved]);
            $ties[$key] ??= new LineageDegree(new KinWords($meeting['up'], $meeting['down'], $meeting['meeting']), $kind, $isUnproved,
                $lines);
            $ties[$key]->add($meeting['node'], $meeting['count'], $meeting['state'], $meeting['key']);
        }
        $ties = array_values($ties);
        usort($ties, static fn (LineageDegree $a, LineageDegree $b): int => [$a->distance(), $a->isUnproved,
            $a->kind->value] <=> [$b->distance(), $b->isUnproved, $b->kind->value]);

        return $ties;
    }
}
