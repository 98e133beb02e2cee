<?php

declare(strict_types=1);

namespace App\Trees\Joins\Things;

use App\Models\Media;
use App\Models\TreeModel;
use Illuminate\Support\Number;

/** A picture or another file that came in twice: one content under two entries, or two scans of one page. */
final class JoinableFile extends Joinable
{
    public static function code(): string
    {
        return 'file';
    }

    public static function model(): string
    {
        return Media::class;
    }

    public static function keptColumn(): string
    {
        return 'kept_media_id';
    }

    public static function alikeBy(): string
    {
        return 'sha256';
    }

    public static function columns(): array
    {
        return ['Title' => 'title', 'Restriction' => 'restriction'];
    }

    public function told(TreeModel $row): array
    {
        return parent::told($row) + ['File name' => basename((string) $row->getAttribute('path')),
            'Size' => Number::fileSize((int) $row->getAttribute('bytes'))];
    }

    public function shown(TreeModel $row): string
    {
        return $row instanceof Media ? $row->called() : parent::shown($row);
    }

    public function remarks(TreeModel $kept, TreeModel $gone): array
    {
        return $kept->getAttribute('sha256') === $gone->getAttribute('sha256') ? [] : [
            "They are not the same bytes: {$this->shown($kept)} is what is shown from here on. The other file is not thrown away; it comes "
                .'back when they are taken apart. Regions keep their place on the page, which may be cut otherwise.'];
    }

    public function keepOtherwise(TreeModel $kept, TreeModel $gone, array $otherwise): void
    {
        parent::keepOtherwise($kept, $gone, array_diff_key($otherwise, ['Size' => '']));
    }

    protected static function noteColumn(): string
    {
        return 'media_id';
    }
}
