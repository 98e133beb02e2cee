<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

use NorthBough\Core\Sex;

/**
 * The word for a kinship by its generations: `up` from the one to the common ancestors, `down` from them to the
 * other, whose sex chooses the word.
 */
final readonly class KinWords
{
    private const ORDINALS = [1 => 'first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];

    public function __construct(public int $up, public int $down, public LineageMeeting $meeting)
    {
    }

    public function isSibling(): bool
    {
        return $this->up === 1 && $this->down === 1;
    }

    public function isAncestor(): bool
    {
        return $this->down === 0;
    }

    public function isDescendant(): bool
    {
        return $this->up === 0;
    }

    /**
     * @param  KinKind  $kind  of the ties
     * @param  int  $couples  ancestral couples, or half ancestors, that make the same degree
     */
    public function word(Sex $sex, KinKind $kind, int $couples = 1): string
    {
        $multiple = match (true) {
            $couples < 2 || $this->meeting === LineageMeeting::Direct || min($this->up, $this->down) < 2 => '',
            default => [2 => 'double ', 'triple ', 'quadruple '][$couples] ?? "{$couples}-fold ",
        };
        $half = $this->meeting === LineageMeeting::Half ? 'half ' : '';
        $open = $this->meeting === LineageMeeting::HalfOrFull ? ', half or full' : '';
        // A guardian's ward is no son or daughter of his; every other kind is told before the word.
        $word = match (true) {
            $kind === KinKind::Guardian && $this->up === 1 && $this->down === 0 => 'guardian',
            $kind === KinKind::Guardian && $this->up === 0 && $this->down === 1 => 'ward',
            default => $kind->prefix().$multiple.$half.$this->plain($sex),
        };

        return $word.$open;
    }

    private function plain(Sex $sex): string
    {
        return match (true) {
            $this->down === 0 => self::line($this->up, self::bySex($sex, 'father', 'mother', 'parent')),
            $this->up === 0 => self::line($this->down, self::bySex($sex, 'son', 'daughter', 'child')),
            $this->isSibling() => self::bySex($sex, 'brother', 'sister', 'sibling'),
            $this->down === 1 => self::greats($this->up - 2).self::bySex($sex, 'uncle', 'aunt', 'aunt or uncle'),
            $this->up === 1 => self::greats($this->down - 2).self::bySex($sex, 'nephew', 'niece', 'nephew or niece'),
            default => $this->cousin(),
        };
    }

    private function cousin(): string
    {
        $degree = min($this->up, $this->down) - 1;
        $removed = abs($this->up - $this->down);

        return (self::ORDINALS[$degree] ?? self::ordinal($degree)).' cousin'.match ($removed) {
            0 => '',
            1 => ' once removed',
            2 => ' twice removed',
            default => " {$removed} times removed",
        };
    }

    /** Mother, grandmother, great-grandmother, great-great-grandmother, 3 × great-grandmother. */
    private static function line(int $generations, string $word): string
    {
        return $generations === 1 ? $word : self::greats($generations - 2).'grand'.$word;
    }

    private static function greats(int $count): string
    {
        return match (true) {
            $count <= 0 => '',
            $count <= 2 => str_repeat('great-', $count),
            default => "{$count} × great-",
        };
    }

    private static function ordinal(int $number): string
    {
        $ending = match (true) {
            $number % 100 >= 11 && $number % 100 <= 13 => 'th',
            default => [1 => 'st', 2 => 'nd', 3 => 'rd'][$number % 10] ?? 'th',
        };

        return $number.$ending;
    }

    private static function bySex(Sex $sex, string $male, string $female, string $neutral): string
    {
        return match ($sex) {
            Sex::Male => $male,
            Sex::Female => $female,
            default => $neutral,
        };
    }
}
