<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Jobs\MakePreviews;
use App\Trees\Storage\CopyRows;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\In\FileNames;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\PictureRegion;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Row\RecordImageRow;
use stdClass;

/** Puts the pictures that came in with a file on the records, people and events that name them, and has them made ready for looking at. */
final class PictureImport
{
    /** @var array<string, list<array<string, string|int|bool|null>>> rows by table */
    private array $rows = ['media_links' => [], 'regions' => []];

    /** @var array<string, string> file by the id that the reader gave its record */
    private array $media = [];

    /** @var array<string, true> */
    private array $paths = [];

    public function __construct(private readonly string $treeId, private readonly string $changeSetId, private readonly FileNames $came)
    {
    }

    /** @return list<string> of the files that were put somewhere */
    public function paths(): array
    {
        return array_map(strval(...), array_keys($this->paths));
    }

    /**
     * @param  list<RecordImageRow|PictureRow|PictureLinkRow>  $pictures
     * @return array<string, int> how many rows were stored, by table; a picture whose file did not come is put nowhere
     */
    public function put(array $pictures): array
    {
        $paths = array_map(fn (RecordImageRow|PictureRow $row): string => $this->came->meant($row->path),
            array_filter($pictures, static fn (RecordImageRow|PictureRow|PictureLinkRow $row): bool => ! $row instanceof PictureLinkRow));
        $files = DB::table('media')->where('tree_id', $this->treeId)->where('made_by', $this->changeSetId)->whereIn('path', $paths)
            ->get(['id', 'path', 'sha256', 'type'])->keyBy('path');
        foreach ($pictures as $row) {
            match (true) {
                $row instanceof RecordImageRow => $this->onRecord($row, $files),
                $row instanceof PictureRow => $this->picture($row, $files),
                default => null,
            };
        }
        foreach ($pictures as $row) {
            if ($row instanceof PictureLinkRow && isset($this->media[$row->pictureId])) {
                $this->link($row, $this->media[$row->pictureId]);
            }
        }
        $stored = [];
        foreach ($this->rows as $table => $rows) {
            if ($rows !== []) {
                CopyRows::into($table, $rows);
                $stored[$table] = count($rows);
            }
        }

        return $stored;
    }

    /** @param  Collection<string, stdClass>  $files */
    private function onRecord(RecordImageRow $row, Collection $files): void
    {
        $file = $files->get($this->came->meant($row->path));
        if ($file !== null) {
            $this->called($file, $row->title);
            $this->rows['media_links'][] = [...$this->links($row->id, $file->id), 'record_id' => $row->recordId,
                'position' => $row->position];
        }
    }

    /** @param  Collection<string, stdClass>  $files */
    private function picture(PictureRow $row, Collection $files): void
    {
        $file = $files->get($this->came->meant($row->path));
        if ($file === null) {
            return;
        }
        $this->media[$row->id] = $file->id;
        $this->called($file, $row->title);
        foreach (array_merge(...array_map(static fn (array $keptLines): array => ReferencedFiles::in($keptLines[1]), $row->kept),
            ...[[]]) as $named) {
            $this->paths += $this->came->meant($named) === '' ? [] : [$this->came->meant($named) => true];
        }
        $words = array_filter(['POINTER' => [0, $row->pointer], 'FORM' => [0, $row->form], 'FORM/MEDI' => [0, $row->medium]],
            static fn (array $values): bool => $values[1] !== '')
            + array_filter(
                ['KEPT' => $row->kept, 'FILE/KEPT' => $row->fileKept, 'FILE' => $row->fileOrdinal === 0 ? [] : [$row->fileOrdinal, '']],
                static fn (array $values): bool => $values !== []);
        DB::table('media')->where('tree_id', $this->treeId)->where('id', $file->id)
            ->update(['written' => json_encode((object) $words, JSON_THROW_ON_ERROR), 'restriction' => $row->restriction]);
        foreach ($row->regions as $region) {
            if ($region->personId !== null || $region->words !== '') {
                $this->rows['regions'][] = $this->region($region, $file->id);
            }
        }
    }

    private function link(PictureLinkRow $row, string $mediaId): void
    {
        $owner = "{$row->owner->kind->value}_id";
        $this->rows['media_links'][] = [...$this->links($row->id, $mediaId), $owner => $row->owner->id, 'position' => $row->ordinal,
            'is_main' => $row->isMain,
            'view' => $row->cut === null ? null : json_encode($row->cut, JSON_THROW_ON_ERROR), 'ordinal' => $row->ordinal,
            'written' => json_encode((object) ($row->kept === [] ? [] : ['KEPT' => $row->kept]), JSON_THROW_ON_ERROR)];
    }

    private function called(stdClass $file, string $title): void
    {
        $this->paths[$file->path] = true;
        if ($title !== '') {
            DB::table('media')->where('tree_id', $this->treeId)->where('id', $file->id)->update(['title' => $title]);
        }
        MakePreviews::ask($this->treeId, $file->sha256, $file->type);
    }

    /** @return array<string, string|int|bool|null> a link with every column, so that all can stand in one COPY */
    private function links(string $id, string $mediaId): array
    {
        return ['tree_id' => $this->treeId, 'id' => $id, 'made_by' => $this->changeSetId, 'media_id' => $mediaId, 'record_id' => null,
            'person_id' => null, 'event_id' => null, 'union_id' => null,
            'position' => 0, 'is_main' => false, 'view' => null, 'ordinal' => -1, 'written' => '{}'];
    }

    /** @return array<string, string|int|bool|null> */
    private function region(PictureRegion $region, string $mediaId): array
    {
        return ['tree_id' => $this->treeId, 'id' => $region->id, 'made_by' => $this->changeSetId, 'media_id' => $mediaId,
            'person_id' => $region->personId, 'words' => $region->words,
            'page' => $region->page, 'left' => (string) $region->left, 'top' => (string) $region->top, 'width' => (string) $region->width,
            'height' => (string) $region->height];
    }
}
