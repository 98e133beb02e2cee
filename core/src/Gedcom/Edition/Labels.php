<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Edition;

use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Tree\EventKinds;

/** Lines of a file in words, for a note that somebody reads who knows no tags. */
final class Labels
{
    private const WORDS = [
        'CREA' => 'Made', 'CHAN' => 'Changed', 'SDATE' => 'Sorted by', 'EXID' => 'Number elsewhere', 'UID' => 'Number of the record',
        'MIME' => 'Kind of text', 'LANG' => 'Language', 'TRAN' => 'In another tongue or script', 'PHRASE' => 'In words',
        'TIME' => 'Time', 'CROP' => 'Part of the picture', 'TITL' => 'Title', 'ROLE' => 'Role', 'ASSO' => 'With', 'HUSB' => 'Husband',
        'WIFE' => 'Wife', 'CHIL' => 'Child', 'FAMC' => 'Child of', 'FAMS' => 'Partner in', 'SOUR' => 'Source',
        'PEDI' => 'Kind of child', 'STAT' => 'How far it is settled', 'MEDI' => 'Kind of thing', 'AGE' => 'Age', 'SEX' => 'Sex',
        'RESN' => 'Restricted', 'DATE' => 'Date', 'PLAC' => 'Place', 'NOTE' => 'Note', 'SNOTE' => 'Note', 'NAME' => 'Name',
        'FONE' => 'As it sounds', 'ROMN' => 'In Latin letters', 'NCHI' => 'Number of children', 'QUAY' => 'Quality', 'FILE' => 'File',
        'FORM' => 'Form', 'OBJE' => 'Picture', 'REFN' => 'Number of one’s own', 'AFN' => 'Number in a shared file',
        'RFN' => 'Number of the permanent record', 'RIN' => 'Number in the program', 'BLOB' => 'Picture in letters', 'MAP' => 'On the map',
        'LATI' => 'Latitude', 'LONG' => 'Longitude', 'TYPE' => 'Kind', 'INIL' => 'Rite', 'NO' => 'Did not happen',
        'ADDR' => 'Address', 'PHON' => 'Telephone', 'EMAIL' => 'E-mail', 'FAX' => 'Fax', 'WWW' => 'Web page', 'DATA' => 'What it says',
        'TEXT' => 'Text', 'EVEN' => 'Event', 'PAGE' => 'Page', 'REPO' => 'Held by', 'CALN' => 'Call number',
        'RELA' => 'as', 'CAUS' => 'Cause', 'AGNC' => 'Whoever was in charge', 'RELI' => 'Religion', 'ADR1' => 'first line',
        'ADR2' => 'second line', 'ADR3' => 'third line', 'CITY' => 'town', 'STAE' => 'county', 'POST' => 'post code', 'CTRY' => 'country',
        'ALIA' => 'May be the same as', 'ANCI' => 'Whoever looks for ancestors', 'DESI' => 'Whoever looks for descendants',
        'SUBM' => 'Handed in by', 'TOP' => 'from the top', 'LEFT' => 'from the left', 'HEIGHT' => 'height', 'WIDTH' => 'width',
        'ADOP' => 'Adopted by', 'TEMP' => 'Temple', 'BAPL' => 'Rite of baptism', 'CONL' => 'Rite of confirmation',
        'ENDL' => 'Rite of endowment', 'SLGC' => 'Rite of sealing to parents', 'SLGS' => 'Rite of sealing to a partner', 'AUTH' => 'Author',
        'PUBL' => 'Published', 'ABBR' => 'In short',
    ];

    public static function of(string $tag): string
    {
        return self::WORDS[$tag] ?? (EventKinds::forTag($tag, false) ?? EventKinds::forTag($tag, true))->word ?? $tag;
    }

    /**
     * Made: 2 MAR 2020 (Time: 10:11).
     *
     * @param  (\Closure(Structure): string)|null  $named  told a line that points at something; what that is called
     */
    public static function words(Structure $line, ?\Closure $named = null): string
    {
        $inside = implode(', ', array_map(static fn (Structure $child): string => self::words($child, $named), $line->children));
        $says = match (true) {
            $line->payload === '@VOID@' => '',
            $line->isPointer && $named !== null => $named($line),
            default => str_replace("\n", ' ', $line->payload),
        };

        return self::of($line->tag).match (true) {
            $says === '' && $inside === '' => $line->payload === '@VOID@' ? ': not told' : '',
            $says === '' => ": {$inside}",
            $inside === '' => ": {$says}",
            default => ": {$says} ({$inside})",
        };
    }

    /** What a record is called where something points at it: a shared note by its words, a picture by its title. */
    public static function record(Structure $record): string
    {
        return match ($record->tag) {
            'NOTE', 'SNOTE' => str_replace("\n", ' ', $record->payload),
            'OBJE' => $record->text('FILE', 'TITL') ?: $record->text('TITL') ?: $record->text('FILE'),
            'SUBM' => $record->text('NAME'),
            default => $record->payload ?: $record->pointer,
        };
    }
}
