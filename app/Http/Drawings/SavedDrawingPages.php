<?php

declare(strict_types=1);

namespace App\Http\Drawings;

use App\Http\Drawings\Resources\SavedDrawingLine;
use App\Http\Drawings\Resources\SavedDrawingList;
use App\Http\Drawings\Resources\SavedDrawingResource;
use App\Http\Drawings\Resources\SceneResource;
use App\Models\Drawing as SavedDrawing;
use App\Trees\Access\SeenTree;
use App\Trees\Drawings\DrawingSettings;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Handwork\StoredHandwork;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\UnknownKind;

/** Saved drawings as the page shows them. */
final readonly class SavedDrawingPages
{
    private const MOST = 500;

    /** So many names of those who came or went are told; all are counted. */
    private const NAMED = 20;

    public function __construct(private LivingInDrawing $livingIn)
    {
    }

    public function all(): SavedDrawingList
    {
        $rows = SavedDrawing::query()->orderBy('name')->orderBy('id')->limit(self::MOST)->get();

        return new SavedDrawingList(array_values($rows->map(static function (SavedDrawing $row): SavedDrawingLine {
            try {
                $kind = Drawings::kinds()->named($row->kind)::title();
            } catch (UnknownKind) {
                $kind = $row->kind;
            }

            return new SavedDrawingLine($row->id, $row->version, $row->name, $kind,
                count(is_array($row->settings['seen'] ?? null) ? $row->settings['seen'] : []));
        })->all()));
    }

    public function opened(SavedDrawing $row, DrawingSettings $settings, Scene $scene, SeenTree $seen): SavedDrawingResource
    {
        $drawn = array_values(array_unique(array_map(static fn (HitArea $area): string => $area->personId, $scene->people())));
        $came = array_values(array_diff($drawn, $settings->seenIds));
        $gone = array_values(array_diff($settings->seenIds, $drawn));
        $hidden = [...$settings->handwork->hidden, ...$settings->handwork->hiddenBranches];
        $idle = array_values(array_diff(array_map(strval(...), array_keys($settings->handwork->moves)), $drawn));

        return new SavedDrawingResource($row->id, $row->version, $row->name, $row->kind, $settings->subjectIds,
            (object) $settings->options, StoredHandwork::written($settings->handwork), SceneResource::of($scene,
                $this->livingIn->drawing($scene)),
            $this->names($seen, $came), count($came), $this->names($seen, array_values(array_diff($gone, $hidden))),
            count(array_diff($gone, $hidden)), $this->names($seen, $idle));
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> whoever was deleted is told as such
     */
    private function names(SeenTree $seen, array $ids): array
    {
        $ids = array_slice($ids, 0, self::NAMED);
        $people = $seen->view->people($ids);

        return array_map(static fn (string $id): string => isset($people[$id]) ? $people[$id]->name()->shown() : 'somebody who was deleted',
            $ids);
    }
}
