<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** Lists the descendants of somebody in one order or the other, with whoever is come to twice told where they are come to first. */
final class DescentWalk
{
    /** @var list<Descendant> */
    private array $list = [];

    /** @var array<int, list<LineFamily>> */
    private array $families = [];

    /** @var array<string, int> where each was told first */
    private array $first = [];

    /**
     * @param  array<string, list<LineFamily>>  $known  by person
     * @param  int  $generations  how many are listed
     * @param  array<string, true>  $only  those who are listed, by id, each in their place among all; none for everybody
     */
    public function __construct(private readonly array $known, private readonly int $generations, private readonly array $only = [])
    {
    }

    public function byGeneration(string $personId): Descent
    {
        $this->add(CountedChild::founder($personId), -1);
        for ($at = 0; $at < count($this->list); $at++) {
            foreach ($this->children($at) as $child) {
                $this->add($child, $at);
            }
        }

        return new Descent($this->list, $this->families);
    }

    public function byLine(string $personId): Descent
    {
        $waiting = [[CountedChild::founder($personId), -1]];
        while ($waiting !== []) {
            [$child, $parentAt] = array_pop($waiting);
            $at = $this->add($child, $parentAt);
            foreach (array_reverse($this->children($at)) as $next) {
                $waiting[] = [$next, $at];
            }
        }

        return new Descent($this->list, $this->families);
    }

    /** @return list<CountedChild> of whoever stands there in the list */
    private function children(int $at): array
    {
        if (! isset($this->families[$at])) {
            return [];
        }
        $children = CountedChild::of($this->families[$at]);

        return $this->only === [] ? $children : array_values(array_filter($children,
            fn (CountedChild $one): bool => isset($this->only[$one->child->personId])));
    }

    /** @return int where they stand in the list */
    private function add(CountedChild $counted, int $parentAt): int
    {
        $at = count($this->list);
        $id = $counted->child->personId;
        $generation = ($this->list[$parentAt]->generation ?? 0) + 1;
        $isFirst = ! isset($this->first[$id]);
        $this->first[$id] ??= $at;
        $own = $isFirst && $generation < $this->generations ? $this->known[$id] ?? [] : [];
        $isCarriedOn = false;
        foreach ($own as $family) {
            if ($family->children !== []) {
                $isCarriedOn = true;
                $this->families[$at] = $own;
            }
        }
        $this->list[] = new Descendant($id, '', $generation, $parentAt, $counted->unionId, $counted->place, $this->first[$id], $isCarriedOn,
            $counted->isOpen, $counted->child);

        return $at;
    }
}
