<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

use NorthBough\Core\Drawing\Cast\Cast;
use NorthBough\Core\Drawing\Cast\Household;

/**
 * A cast on small integers, for the inner loops of a layout: people by their place in the cast, households by theirs.
 * A tie that would put somebody above themselves, as files can say, is left out and told.
 */
final class KinGraph
{
    /** @var list<string> by person */
    public array $ids = [];

    /** @var list<Household> */
    public array $households = [];

    /** @var list<list<int>> people, by household */
    public array $partners = [];

    /** @var list<list<int>> people, by household, in their order */
    public array $children = [];

    /** @var list<list<int>> households in which somebody is a partner, in the order of their life */
    public array $couplesOf = [];

    /** @var list<list<int>> households in which somebody is a child */
    public array $bornIn = [];

    /** @var list<int> the people from whom it is drawn */
    public array $subjects = [];

    /** @var list<array{int, int}> child and household of each tie that was left out */
    public array $circles = [];

    /** @var array<string, int> */
    private array $index;

    private function __construct(Cast $cast)
    {
        $this->ids = array_map(strval(...), array_keys($cast->people));
        $this->index = array_flip($this->ids);
        $this->couplesOf = $this->bornIn = array_fill(0, count($this->ids), []);
        foreach ($cast->households as $h => $household) {
            $this->households[] = $household;
            $this->partners[] = $this->indexes($household->partnerIds);
            $this->children[] = $this->indexes($household->childIds);
            foreach ($this->partners[$h] as $person) {
                $this->couplesOf[$person][] = $h;
            }
        }
        $this->subjects = $this->indexes($cast->subjectIds);
        $this->cutCircles();
        foreach ($this->children as $h => $children) {
            foreach ($children as $child) {
                $this->bornIn[$child][] = $h;
            }
        }
    }

    public static function of(Cast $cast): self
    {
        return new self($cast);
    }

    public function person(string $id): int
    {
        return $this->index[$id];
    }

    /**
     * @param  list<string>  $ids
     * @return list<int>
     */
    private function indexes(array $ids): array
    {
        return array_map(fn (string $id): int => $this->index[$id], $ids);
    }

    /** Goes down from everybody; a child met while its own descendants are followed is cut off there. */
    private function cutCircles(): void
    {
        $state = array_fill(0, count($this->ids), 0);
        foreach (array_keys($this->ids) as $start) {
            // A step on the way down is a person with the children still to be followed.
            $way = $state[$start] === 0 ? [[$start, $this->stepsDown($start)]] : [];
            $state[$start] = $way === [] ? $state[$start] : 1;
            while ($way !== []) {
                $last = count($way) - 1;
                $step = array_pop($way[$last][1]);
                if ($step === null) {
                    $state[$way[$last][0]] = 2;
                    array_pop($way);

                    continue;
                }
                [$household, $child] = $step;
                if ($state[$child] === 1) {
                    $this->circles[] = [$child, $household];
                    $this->children[$household] = array_values(array_diff($this->children[$household], [$child]));
                } elseif ($state[$child] === 0) {
                    $state[$child] = 1;
                    $way[] = [$child, $this->stepsDown($child)];
                }
            }
        }
    }

    /** @return list<array{int, int}> household and child */
    private function stepsDown(int $person): array
    {
        $steps = [];
        foreach ($this->couplesOf[$person] as $household) {
            foreach ($this->children[$household] as $child) {
                $steps[] = [$household, $child];
            }
        }

        return $steps;
    }
}
