<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

use NorthBough\Core\Tree\ChildOrder;

/** A child in its place among all children of the parent by whom a line comes to it. */
final readonly class CountedChild
{
    /**
     * @param  int  $place  from 1
     * @param  bool  $isOpen  whether the order by which that is counted is not known
     */
    public function __construct(public LineChild $child, public string $unionId, public int $place, public bool $isOpen)
    {
    }

    /** Whoever a line begins with. */
    public static function founder(string $personId): self
    {
        return new self(new LineChild($personId), '', 0, false);
    }

    /**
     * The children of all unions in order of birth: those that are dated take the dated places, one that is not stays as put.
     *
     * @param  list<LineFamily>  $families
     * @return list<self>
     */
    public static function of(array $families): array
    {
        $children = [];
        foreach ($families as $family) {
            foreach ($family->children as $child) {
                $children[] = [$family->unionId, $child];
            }
        }
        if (self::isInOrder($children)) {
            $counted = [];
            foreach ($children as $at => [$unionId, $child]) {
                $counted[] = new self($child, $unionId, $at + 1, false);
            }

            return $counted;
        }
        $order = ChildOrder::byDate(array_map(static fn (array $one, int $at): array => [(string) $at, self::day($one[1])],
            $children, array_keys($children)));
        $ordered = array_map(static fn (string $at): array => $children[(int) $at], $order);

        return array_map(static fn (array $one, int $at): self => new self($one[1], $one[0], $at + 1, self::isOpen($ordered, $at)),
            $ordered, array_keys($ordered));
    }

    /**
     * Whether each is known to be born after the one before: most families are told so, and need no more to be asked.
     *
     * @param  list<array{string, LineChild}>  $children
     */
    private static function isInOrder(array $children): bool
    {
        $before = PHP_INT_MIN;
        foreach ($children as [, $child]) {
            if ($child->born === null || $child->born->earliest === null || $child->born->earliest <= $before
                || $child->born->latest === null) {
                return false;
            }
            $before = $child->born->latest;
        }

        return true;
    }

    /** @param  list<array{string, LineChild}>  $ordered */
    private static function isOpen(array $ordered, int $at): bool
    {
        foreach ($ordered as $beside => $other) {
            if ($at !== $beside && ! $ordered[$at][1]->isToldApartFrom($other[1])) {
                return true;
            }
        }

        return false;
    }

    private static function day(LineChild $child): ?int
    {
        return $child->born->earliest ?? $child->born->latest ?? null;
    }
}
