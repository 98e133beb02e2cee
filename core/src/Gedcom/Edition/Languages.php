<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Edition;

/** Languages by name, as 5.5.1 has them (LANGUAGE_ID), and by tag, as version 7 does (BCP 47). */
final class Languages
{
    private const TAGS = [
        'Afrikaans' => 'af', 'Albanian' => 'sq', 'Anglo-Saxon' => 'ang', 'Arabic' => 'ar', 'Armenian' => 'hy', 'Assamese' => 'as',
        'Belorusian' => 'be', 'Bengali' => 'bn', 'Bulgarian' => 'bg', 'Burmese' => 'my',
        'Cantonese' => 'yue', 'Catalan' => 'ca', 'Church-Slavic' => 'cu', 'Czech' => 'cs', 'Danish' => 'da', 'Dutch' => 'nl',
        'English' => 'en', 'Esperanto' => 'eo', 'Estonian' => 'et', 'Faroese' => 'fo', 'Finnish' => 'fi', 'French' => 'fr',
        'Georgian' => 'ka', 'German' => 'de', 'Greek' => 'el', 'Gujarati' => 'gu', 'Hawaiian' => 'haw', 'Hebrew' => 'he', 'Hindi' => 'hi',
        'Hungarian' => 'hu', 'Icelandic' => 'is', 'Indonesian' => 'id', 'Irish' => 'ga', 'Italian' => 'it',
        'Japanese' => 'ja', 'Kannada' => 'kn', 'Khmer' => 'km', 'Korean' => 'ko', 'Lao' => 'lo', 'Latin' => 'la', 'Latvian' => 'lv',
        'Lithuanian' => 'lt', 'Macedonian' => 'mk', 'Malayalam' => 'ml', 'Mandrin' => 'cmn', 'Marathi' => 'mr',
        'Nepali' => 'ne', 'Norwegian' => 'no', 'Persian' => 'fa', 'Polish' => 'pl', 'Portuguese' => 'pt', 'Punjabi' => 'pa',
        'Romanian' => 'ro', 'Russian' => 'ru', 'Sanskrit' => 'sa', 'Serb' => 'sr', 'Slovak' => 'sk', 'Slovene' => 'sl',
        'Spanish' => 'es', 'Swedish' => 'sv', 'Tagalog' => 'tl', 'Tamil' => 'ta', 'Telugu' => 'te', 'Thai' => 'th', 'Tibetan' => 'bo',
        'Turkish' => 'tr', 'Ukrainian' => 'uk', 'Urdu' => 'ur', 'Vietnamese' => 'vi', 'Welsh' => 'cy', 'Wendic' => 'wen', 'Yiddish' => 'yi',
    ];

    /** @return string empty for a language that is in no list */
    public static function tag(string $words): string
    {
        $words = trim($words);

        return self::TAGS[ucwords(strtolower($words), ' -')] ?? (self::isTag($words) ? $words : '');
    }

    /** @return string empty for a tag that 5.5.1 has no name for */
    public static function name(string $tag): string
    {
        $tag = trim($tag);

        return isset(self::TAGS[$tag]) ? $tag : (array_search(strtolower($tag), self::TAGS, true) ?: '');
    }

    public static function isTag(string $words): bool
    {
        return preg_match('/^[a-z]{2,3}(-[A-Za-z0-9]{1,8})*$/', $words) === 1;
    }
}
