<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Edition\LineRewriting;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/**
 * Citations that name no source record and say in words what they cite: SOUR with words in 5.5.1 (SOURCE_CITATION, second
 * form), and in version 7 SOUR @VOID@ with PAGE. All of a file stand as records of one source, which is no record of the
 * file and goes out as none while nothing else is said of it.
 */
final class TextCitations
{
    public const TITLE = 'Cited in words';

    private const MARK = '@VOID@';

    /** The citation with the words that it cites in PAGE; null where it names a record, or says nothing. */
    public static function read(Structure $citation): ?Structure
    {
        return match (true) {
            $citation->tag !== 'SOUR' => null,
            $citation->isPointer => $citation->payload === self::MARK && trim($citation->text('PAGE')) !== '' ? $citation : null,
            trim($citation->payload) === '' => null,
            default => (new LineRewriting(Version::V7))->rewritten('fact', $citation),
        };
    }

    public static function source(string $id): SourceRow
    {
        return new SourceRow($id, self::TITLE, '', '', '', '', null, '', 0, [self::MARK => [0, '']]);
    }

    /** Whether a source is still no more than what holds such citations together. */
    public static function isHolding(SourceRow $row): bool
    {
        return isset($row->written[self::MARK]) && $row->title === self::TITLE
            && $row->author.$row->publication.$row->abbreviation.$row->text.$row->kind.$row->listName === ''
            && $row->repositoryId === null && $row->ownKindId === null && $row->fields === [];
    }
}
