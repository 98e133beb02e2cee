<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

use NorthBough\Core\Sex;

/**
 * Kin by a parent's union with somebody who is no parent: step-parents and those above them, stepchildren and those below,
 * step-siblings.
 */
final readonly class StepKin
{
    public function __construct(private LineageKin $descent, private string $oneId, private string $otherId, private Sex $sex)
    {
    }

    /**
     * @param  array<string, string>  $stepParents  of the one: step-parent => parent by whom
     * @param  array<string, string>  $theirStepParents  of the other
     * @return list<Relationship>
     */
    public function find(array $stepParents, array $theirStepParents): array
    {
        $found = [];
        foreach ($stepParents as $stepId => $parentId) {
            if ($stepId === $this->otherId) {
                $found[] = $this->relationship(new KinWords(1, 0, LineageMeeting::Direct), 1, [[$this->oneId, $parentId, $stepId]]);
            }
            foreach ($this->descent->between($stepId, $this->otherId) as $ties) {
                $degree = new KinWords($ties->degree->up + 1, $ties->degree->down, LineageMeeting::Direct);
                if ($ties->degree->isAncestor()
                    || ($ties->degree->up === 0 && $ties->degree->down === 1
                        && $this->descent->between($this->oneId, $this->otherId) === [])) {
                    $found[] = $this->relationship($degree, $ties->total(),
                        array_map(fn (array $path): array => [$this->oneId, $parentId, ...$path], $ties->paths()));
                }
            }
        }
        foreach ($theirStepParents as $stepId => $parentId) {
            if ($stepId === $this->oneId) {
                $found[] = $this->relationship(new KinWords(0, 1, LineageMeeting::Direct), 1, [[$this->oneId, $parentId, $this->otherId]]);
            }
            foreach ($this->descent->between($this->oneId, $stepId) as $ties) {
                if ($ties->degree->isDescendant()) {
                    $degree = new KinWords(0, $ties->degree->down + 1, LineageMeeting::Direct);
                    $found[] = $this->relationship($degree, $ties->total(),
                        array_map(fn (array $path): array => [...$path, $parentId, $this->otherId], $ties->paths()));
                }
            }
        }

        return $found;
    }

    /**
     * Step-grandparents and those above them.
     *
     * @param  list<list<string>>  $lines  each from the one up to the ancestor whose partner the other is
     * @return list<Relationship>
     */
    public function above(array $lines): array
    {
        return array_map(
            fn (array $line): Relationship => $this->relationship(new KinWords(count($line) - 1, 0, LineageMeeting::Direct), 1,
                [[...$line, $this->otherId]]), $lines);
    }

    /**
     * The grandchildren, and those below them, of the one's partner by somebody else.
     *
     * @param  list<list<string>>  $lines  each from the other up to the ancestor whose partner the one is
     * @return list<Relationship>
     */
    public function below(array $lines): array
    {
        return array_map(fn (array $line): Relationship => $this->relationship(
            new KinWords(0, count($line) - 1, LineageMeeting::Direct), 1, [[$this->oneId, ...array_reverse($line)]],
        ), $lines);
    }

    /** @param  list<list<string>>  $paths */
    private function relationship(KinWords $degree, int $total, array $paths): Relationship
    {
        $word = $degree->word($this->sex, KinKind::Blood);
        // Stepmother, stepson; but step-parent, step-grandmother, step-sibling.
        $closed = in_array($word, ['father', 'mother', 'son', 'daughter', 'child', 'brother', 'sister'], true);

        return new Relationship(($closed ? 'step' : 'step-').$word, KinKind::Step, $total, $paths, $degree->up + $degree->down + 1);
    }
}
