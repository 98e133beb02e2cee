<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;

/**
 * INT 1850 (the year of the fire): a date with the words that it was read from (5.5.1, DATE_VALUE; version 7, PHRASE).
 * Where the words can be read in two ways of which the date is one, both stand.
 */
final readonly class Interpreted implements DateForm
{
    private const FORM = '/^INT (.+?) ?\((.*)\)$/isu';

    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match(self::FORM, $text, $m) !== 1) {
            return null;
        }
        $date = $reader->read($m[1], $convention);
        $words = $reader->read($m[2], $convention);

        return match (true) {
            $date->normal === '' => null,
            $words->isAmbiguous() && $words->normal === $date->normal => $words,
            default => $date->interpreted($m[2]),
        };
    }

    /** The words that a date was read from; empty where it is no such date. */
    public static function words(GenDate $date): string
    {
        return preg_match(self::FORM, trim($date->typed), $m) === 1 ? trim($m[2]) : '';
    }
}
