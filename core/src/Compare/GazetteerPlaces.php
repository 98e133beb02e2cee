<?php

declare(strict_types=1);

namespace NorthBough\Core\Compare;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Place\Gazetteer;
use NorthBough\Core\Place\Place;
use NorthBough\Core\Place\PlaceResolver;

/**
 * Two places as the gazetteer knows them. One that lies or ever lay inside the other, an earlier name, and the church that
 * served the other are no conflict; two that it knows and that have nothing to do with one another are
 * apart. Where it does not know both, the words are compared, and nothing is certain.
 */
final class GazetteerPlaces
{
    private ?Gazetteer $gazetteer = null;

    /** @param  \Closure(): Gazetteer  $fetch  asked once, and only when two places are told apart */
    private function __construct(private readonly \Closure $fetch)
    {
    }

    public static function of(Gazetteer $gazetteer): self
    {
        return new self(static fn (): Gazetteer => $gazetteer);
    }

    /** @param  \Closure(): Gazetteer  $fetch */
    public static function lazily(\Closure $fetch): self
    {
        return new self($fetch);
    }

    /** @param  DaySpan|null  $when  at which both are told; for what a place was called, and which church served it */
    public function compare(string $place, string $otherPlace, ?DaySpan $when = null): Comparison
    {
        $words = Places::compare($place, $otherPlace);
        if ($words->verdict === Verdict::Same) {
            return $words;
        }
        $reader = new PlaceResolver($this->gazetteer());
        [$mine, $theirs] = [$reader->read($place, $when)->standard, $reader->read($otherPlace, $when)->standard];
        if ($mine === null || $theirs === null) {
            return $words->verdict === Verdict::Incomparable && $words->level < 0.5
                ? new Comparison(Verdict::Strains, $words->ground, $words->level) : $words;
        }

        return match (true) {
            $mine->id === $theirs->id => new Comparison(Verdict::Fits, "Both are {$mine->name}.", 0.9),
            $this->liesIn($mine, $theirs) => new Comparison(Verdict::Fits, "{$mine->name} lies in {$theirs->name}, or did.", 0.8),
            $this->liesIn($theirs, $mine) => new Comparison(Verdict::Fits, "{$theirs->name} lies in {$mine->name}, or did.", 0.8),
            $this->serves($mine, $theirs, $when),
            $this->serves($theirs, $mine, $when) => new Comparison(Verdict::Fits, 'One is the church that served the other.', 0.8),
            default => new Comparison(Verdict::Contradicts, "{$mine->name} and {$theirs->name} are different places.", $words->level),
        };
    }

    private function gazetteer(): Gazetteer
    {
        return $this->gazetteer ??= ($this->fetch)();
    }

    private function liesIn(Place $inner, Place $outer): bool
    {
        foreach ($this->gazetteer()->around($inner->id) as $around) {
            if ($around->id === $outer->id) {
                return true;
            }
        }

        return false;
    }

    private function serves(Place $church, Place $served, ?DaySpan $when): bool
    {
        return $this->gazetteer()->churchOf($served->id, $when)?->id === $church->id;
    }
}
