<?php

declare(strict_types=1);

namespace App\Http\Books;

use App\Models\Book;
use App\Trees\Access\SeenTree;
use App\Trees\Joins\Joined;
use Illuminate\Support\Str;
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
        $subjects = array_map(static fn (array $chapter): array => explode(',', self::word($chapter, 'subject')), $row->chapters);
        $ids = array_values(array_filter(array_unique(array_merge([], ...$subjects)), Str::isUuid(...)));
        $today = $this->joined->resolveAll($ids);
        $chapters = [];
        foreach ($row->chapters as $at => $chapter) {
            $chapters[] = new Chapter(
                ChapterKind::tryFrom(self::word($chapter, 'kind')) ?? ChapterKind::Report,
                $seen->text(self::word($chapter, 'title')), self::word($chapter, 'report'),
                implode(',', array_map(static fn (string $id): string => $today[$id] ?? $id, $subjects[$at])),
                array_filter(is_array($chapter['options'] ?? null) ? $chapter['options'] : [], is_string(...)));
        }

        return new BoundBook($seen->text($row->title), $seen->text($row->subtitle), $seen->text($row->author), $chapters);
    }

    /** @param  array<mixed>  $chapter */
    private static function word(array $chapter, string $name): string
    {
        return is_string($chapter[$name] ?? null) ? $chapter[$name] : '';
    }
}
