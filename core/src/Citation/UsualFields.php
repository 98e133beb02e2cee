<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

/** Fields that several kinds of source ask, written once. */
final class UsualFields
{
    /**
     * @return list<SourceField> those of the source, in the order asked for
     */
    public static function named(string ...$codes): array
    {
        return array_map(static fn (string $code): SourceField => self::all()[$code], array_values($codes));
    }

    /** @return array<string, SourceField> by code */
    private static function all(): array
    {
        return [
            'keeper' => SourceField::of('keeper', 'Kept by', 'AUTH', 'Who wrote or kept it: a parish, a board, a clerk.',
                'Parish of St Bregan'),
            'author' => SourceField::of('author', 'Author', 'AUTH', 'Who wrote it.', 'J. Fenwhistle', FieldKind::Person),
            'title' => SourceField::of('title', 'Title', 'TITL', 'Its own title, or one that you give it.', 'Register of Baptisms'),
            'years' => SourceField::of('years', 'Years', 'PUBL', 'From when to when it runs.', '1813–1899'),
            'volume' => SourceField::of('volume', 'Volume', 'PUBL', 'Its number, or what stands on its back.', 'vol. 2'),
            'place' => SourceField::of('place', 'Place', 'PUBL', 'Where it is of.', 'Kirkhaven', FieldKind::Place),
            'publisher' => SourceField::of('publisher', 'Publisher', 'PUBL', 'Who brought it out.', 'the author'),
            'published' => SourceField::of('published', 'Published', 'PUBL', 'Where and when it came out.', 'Kirkhaven: the author, 1924'),
            'date' => SourceField::of('date', 'Date', 'PUBL', 'The day it bears.', '3 March 1871', FieldKind::Date),
            'series' => SourceField::of('series', 'Series', 'PUBL', 'The class that the archive puts it in.', 'Enumerators’ books'),
            'holderNow' => SourceField::of('holderNow', 'Held by', 'REPO', 'Who holds it now: an archive, a library, a drawer.',
                'Marren Record House, Kirkhaven'),
            'holders' => SourceField::of('holders', 'Holders in order', '',
                'Who had it, where, from when, and how it passed on; the living by name alone.',
                'Una Quillan, 1832–1910; then her niece Nan'),
            'call' => SourceField::of('call', 'Call number', 'CALN', 'What the holder calls it by.', 'SB/2'),
            'seenAs' => SourceField::of('seenAs', 'Seen as', '', 'What you looked at, where that was not the thing itself.',
                'image of a microfilm'),
            'madeFrom' => SourceField::of('madeFrom', 'Made from', '', 'What that was made from.', 'the register', FieldKind::Text,
                'seenAs'),
            'supplier' => SourceField::of('supplier', 'Supplied by', '', 'Who sent or showed it to you.', 'T. Drum, by post',
                FieldKind::Person, 'seenAs'),
            'site' => SourceField::of('site', 'Website', 'PUBL', 'The name of the site.', 'Isles Papers'),
            'address' => SourceField::of('address', 'Address', 'PUBL', 'Where it is found.', 'https://isles.example/papers',
                FieldKind::Link),
            'viewed' => SourceField::of('viewed', 'Seen on', '', 'The day on which you looked.', '4 May 2024', FieldKind::Date, 'address'),
            'kindOf' => SourceField::of('kindOf', 'What it is', 'TITL', 'In a word or two.', 'sampler, silk on linen'),
            'to' => SourceField::of('to', 'To', 'TITL', 'To whom it was written.', 'her sister Una', FieldKind::Person),
            'teller' => SourceField::of('teller', 'Told by', 'AUTH', 'Who spoke.', 'Ailie Averay', FieldKind::Person),
            'taker' => SourceField::of('taker', 'Taken down by', 'PUBL', 'Who asked and wrote.', 'Una Fenwhistle', FieldKind::Person),
            'article' => SourceField::of('article', 'Title of the piece', 'TITL', '', 'The Kelp Years'),
            'journal' => SourceField::of('journal', 'Appeared in', 'PUBL', '', 'Papers of the Isles'),
            'issue' => SourceField::of('issue', 'Issue', 'PUBL', '', 'vol. 4, no. 2'),
            'edition' => SourceField::of('edition', 'Edition', 'PUBL', '', 'second'),
            'court' => SourceField::of('court', 'Court', 'AUTH', '', 'Commissary of Marren'),
            'deceased' => SourceField::of('deceased', 'Of whom', 'TITL', 'Whose estate it is.', 'Magnus Tarrel', FieldKind::Person),
            'parties' => SourceField::of('parties', 'Parties', 'TITL', 'From whom to whom.', 'Lordship of Marren to Donal Quillan'),
            'unit' => SourceField::of('unit', 'Unit', 'AUTH', '', 'Marren Fencibles'),
            'vessel' => SourceField::of('vessel', 'Vessel', 'TITL', '', 'Constancy'),
            'subject' => SourceField::of('subject', 'Who or what is on it', 'TITL', '', 'the Ibsley yard, 1884'),
            'maker' => SourceField::of('maker', 'Made by', 'AUTH', '', 'R. Ibsley', FieldKind::Person),
            'compiler' => SourceField::of('compiler', 'Compiled by', 'AUTH', '', 'J. Fenwhistle', FieldKind::Person),

            'page' => SourceField::ofRecord('page', 'Page', 'Written or stamped.', 'p. 31'),
            'entry' => SourceField::ofRecord('entry', 'Entry', 'Its number on the page.', 'no. 4'),
            'sheet' => SourceField::ofRecord('sheet', 'Sheet', '', 'sheet 9'),
            'folio' => SourceField::ofRecord('folio', 'Folio', '', 'f. 40'),
            'column' => SourceField::ofRecord('column', 'Column', '', 'col. 3'),
            'item' => SourceField::ofRecord('item', 'Item', '', 'item 12'),
            'plot' => SourceField::ofRecord('plot', 'Where it stands', '', 'second row, third stone'),
            'issueDate' => SourceField::ofRecord('issueDate', 'Day of the issue', '', '4 May 1861', FieldKind::Date),
            'household' => SourceField::ofRecord('household', 'Household', '', 'schedule 31'),
        ];
    }
}
