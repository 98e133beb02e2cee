<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Tree\Restriction;
use NorthBough\Core\Tree\Standing;

/**
 * The lines beneath a structure, taken one by one. What is taken is remembered as written, what is never taken is
 * left over and kept.
 */
final class StructureFields
{
    /** @var array<string, array{int, string}> */
    private array $written;

    /** @var array<int, Structure> by ordinal */
    private array $rest;

    /** @var list<StructureFields> */
    private array $taken = [];

    public function __construct(private readonly Structure $structure, private readonly string $path = '')
    {
        $this->rest = $structure->children;
        $this->written = $path === '' ? ['' => [0, $structure->payload]] : [];
    }

    /** Whether a line of one of these tags stands there, and was not taken. */
    public function has(string ...$tags): bool
    {
        return array_intersect(array_map(static fn (Structure $s): string => $s->tag, $this->rest), $tags) !== [];
    }

    public function payload(): string
    {
        return $this->structure->payload;
    }

    /** Takes the first line of a tag, when it has text of its own. */
    public function take(string $tag): ?self
    {
        foreach ($this->rest as $ordinal => $child) {
            if ($child->tag === $tag && ! $child->isPointer) {
                return $this->taking($ordinal, $child);
            }
        }

        return null;
    }

    public function text(string $tag): string
    {
        return $this->take($tag)?->payload() ?? '';
    }

    /**
     * Takes every line that the test agrees to.
     *
     * @param  callable(Structure): bool  $wanted
     * @return array<int, Structure> by ordinal
     */
    public function takeAll(callable $wanted): array
    {
        $all = array_filter($this->rest, $wanted);
        $this->rest = array_diff_key($this->rest, $all);

        return $all;
    }

    /**
     * Takes the first line that the test agrees to; another like it stays, and is kept.
     *
     * @param  callable(Structure): bool  $wanted
     */
    public function takeOne(callable $wanted): ?Structure
    {
        foreach ($this->rest as $ordinal => $child) {
            if ($wanted($child)) {
                unset($this->rest[$ordinal]);

                return $child;
            }
        }

        return null;
    }

    /** _NB_STANDING, our extension: that something is accepted or a rival. Without it nobody weighed it. */
    public function standing(): Standing
    {
        $standing = $this->takeOne(static fn (Structure $s): bool => $s->tag === '_NB_STANDING' && $s->children === []
            && in_array($s->payload, ['accepted', 'rival'], true));

        return Standing::from($standing->payload ?? 'unweighed');
    }

    /** RESN, where all of it is of the standard; another stays, and is kept. */
    public function restriction(): string
    {
        foreach ($this->rest as $child) {
            if ($child->tag === 'RESN' && Restriction::isKnown($child->payload)) {
                return Restriction::fromStandard($this->text('RESN'))->words();
            }
        }

        return '';
    }

    /** Gives a line back, so that it is kept after all. */
    public function giveBack(int $ordinal, Structure $child): void
    {
        $this->rest[$ordinal] = $child;
    }

    /** @return array<string, array{int, string}> tag path => [ordinal, payload] */
    public function written(): array
    {
        $written = $this->written;
        foreach ($this->taken as $fields) {
            $written += $fields->written();
        }

        return $written;
    }

    /** @return list<array{string, int, Structure}> path, ordinal, lines */
    public function leftOver(): array
    {
        $left = [];
        foreach ($this->rest as $ordinal => $child) {
            $left[] = [$this->path, $ordinal, $child];
        }
        foreach ($this->taken as $fields) {
            array_push($left, ...$fields->leftOver());
        }

        return $left;
    }

    private function taking(int $ordinal, Structure $child): self
    {
        unset($this->rest[$ordinal]);
        $path = ltrim("{$this->path}/{$child->tag}", '/');
        $this->written[$path] = [$ordinal, $child->payload];

        return $this->taken[] = new self($child, $path);
    }
}
