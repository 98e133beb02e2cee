<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\Version;

/** A DATE with its PHRASE as one date. The phrase counts as what was typed when both say the same day. */
final class DateLines
{
    /** Dates of a file repeat; so many are remembered. */
    private const REMEMBERED = 20_000;

    /** @var array<string, GenDate> */
    private static array $read = [];

    public static function read(string $payload, string $phrase, Version $version): GenDate
    {
        $key = "{$version->value}\n{$payload}\n{$phrase}";
        if (! isset(self::$read[$key])) {
            self::$read = count(self::$read) >= self::REMEMBERED ? [] : self::$read;
            self::$read[$key] = self::readAnew($payload, $phrase, $version);
        }

        return self::$read[$key];
    }

    private static function readAnew(string $payload, string $phrase, Version $version): GenDate
    {
        $date = GenDate::parse($payload, self::reckoning($version));
        if ($phrase === '') {
            return $date;
        }
        $typed = GenDate::parse($phrase);
        if (trim($payload) === '' && $typed->kind === DateKind::Phrase && ! str_starts_with(trim($phrase), '(')) {
            return $typed->typedAs("({$phrase})");
        }
        if (trim($payload) === '' || ($typed->normal !== '' && $typed->normal === $date->normal)) {
            return $typed;
        }

        return $date->normal === '' ? $date : GenDate::parse("INT {$payload} ({$phrase})", self::reckoning($version));
    }

    private static function reckoning(Version $version): DatingConvention
    {
        return $version === Version::V7 ? DatingConvention::ofVersion7() : DatingConvention::ofVersion551();
    }
}
