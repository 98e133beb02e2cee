<?php

declare(strict_types=1);

namespace App\Http\Books;

use App\Models\Book;
use App\Trees\Access\SeenTree;
use App\Trees\Joins\Joined;
use NorthBough\Core\Report\Book\BoundBook;
use NorthBough\Core\Report\Book\Chapter;
use NorthBough\Core\Report\Book\ChapterKind;

/** A book as one audience may read it: whoever was joined to another since is that other, and nobody is named who is withheld. */
final readonly class StoredBook
{
    public function __construct(private Joined $joined)
    {
    }

    public function of(Book $row, SeenTree $seen): BoundBook
    {
        return $this->all([$row], $seen)[0];
    }

    /**
     * @param  list<Book>  $rows
     * @return list<BoundBook> in their order
     */
    public function all(array $rows, SeenTree $seen): array
    {
        $subjects = array_merge([], ...array_map(static fn (Book $row): array => array_map(
            static fn (array $chapter): array => explode(',', self::word($chapter, 'subject')), $row->chapters), $rows));
        $today = $this->joined->resolveAll(Joined::idsIn($subjects));

        return array_map(static fn (Book $row): BoundBook => new BoundBook($seen->text($row->title), $seen->text($row->subtitle),
            $seen->text($row->author),
            array_map(static fn (array $chapter): Chapter => self::chapter($chapter, $today, $seen), $row->chapters)), $rows);
    }

    /**
     * @param  array<mixed>  $chapter
     * @param  array<string, string>  $today  ids by those they had
     */
    private static function chapter(array $chapter, array $today, SeenTree $seen): Chapter
    {
        return new Chapter(ChapterKind::tryFrom(self::word($chapter, 'kind')) ?? ChapterKind::Report,
            $seen->text(self::word($chapter, 'title')), self::word($chapter, 'report'),
            implode(',', array_map(static fn (string $id): string => $today[$id] ?? $id, explode(',', self::word($chapter, 'subject')))),
            array_filter(is_array($chapter['options'] ?? null) ? $chapter['options'] : [], is_string(...)));
    }

    /** @param  array<mixed>  $chapter */
    private static function word(array $chapter, string $name): string
    {
        return is_string($chapter[$name] ?? null) ? $chapter[$name] : '';
    }
}
