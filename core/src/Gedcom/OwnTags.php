<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/**
 * The tags of our own lines; docs/extensions.md says what they mean. All begin with _NB_, because a plain underscore may be
 * anybody's. Files that we wrote before that had the underscore alone, and are read as if they had all of it.
 */
final class OwnTags
{
    public const PREFIX = '_NB_';

    private const NAMES = [
        'NO', 'ASSO', 'RESEARCH', 'TASK', 'DONE', 'GROUP', 'MEANING', 'MARK', 'COLOUR', 'KIND', 'TEMPLATE', 'FIELD', 'SAYS', 'LISTED',
        'RECORD', 'CLASS', 'FILENO', 'COUNT', 'IMAGE', 'STANDING', 'RULED',
        'VALUE', 'DENIED', 'RULED_NAME', 'RULED_PARTNER', 'SLOT', 'PARENT', 'CALLED', 'YEARS', 'PROOF', 'BY', 'CLASSED', 'READ',
        'INFORMATION', 'READING', 'INFORMANT', 'TIE', 'EVIDENCE', 'ORIGIN', 'WEIGHT',
        'WHY', 'WITHDRAWN', 'QUESTION', 'STATE', 'TITLE', 'DECISION', 'REASON', 'SUMMARY', 'REOPENED', 'ABOUT', 'FROM', 'NUMBERED', 'RESTS',
        'OTHER', 'ALTERNATIVE', 'PERSON', 'OUTCOME', 'POINT', 'SPEAKS',
        'CLAIM', 'SEARCH', 'ON', 'IN', 'WHOLE', 'FOUND', 'NOTE', 'FOR', 'CASE', 'REGION', 'WHO', 'MAIN', 'CUT', 'LINE', 'AS', 'SLIP',
        'PLACED', 'ASIDE', 'ASPECT', 'WITH', 'RULE', 'WORKING',
        'DATE', 'PLACE', 'STANCE', 'TOLD', 'WAS', 'RESN', 'TYPE', 'TEXT', 'BODY',
    ];

    /** @var array<string, string>|null */
    private static ?array $byEarlier = null;

    /** A tag of the standard where the version at hand has no place for it. */
    public static function moved(string $tag): string
    {
        return self::PREFIX.$tag;
    }

    public static function isOurs(string $tag): bool
    {
        return str_starts_with($tag, self::PREFIX);
    }

    /** The tag of today for one of a file that we wrote earlier; any other as it is. */
    public static function ofEarlier(string $tag): string
    {
        self::$byEarlier ??= array_combine(array_map(static fn (string $name): string => "_{$name}", self::NAMES),
            array_map(static fn (string $name): string => self::PREFIX.$name, self::NAMES));

        return self::$byEarlier[$tag] ?? $tag;
    }

    /** What a tag is without what makes it ours, earlier or today; any other as it is. */
    public static function bare(string $tag): string
    {
        return (string) preg_replace('/^_(?:NB_)?/', '', $tag);
    }

    /** Whether two tags say the same, one of them perhaps in the way of an earlier file. */
    public static function areSame(string $tag, string $otherTag): bool
    {
        return $tag === $otherTag
            || (str_starts_with($tag, '_') && str_starts_with($otherTag, '_') && self::bare($tag) === self::bare($otherTag));
    }
}
