<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Linkage\Doubles\MatchModel;

/** How far doubles agree in a tree, as the last search through all of it learnt: a part of it is too little to learn from. */
final readonly class StoredModel
{
    public function __construct(private CurrentTree $current)
    {
    }

    /** @return MatchModel|null null before the first search */
    public function last(int $people): ?MatchModel
    {
        $model = json_decode((string) DB::table('double_models')->where('tree_id', $this->current->id())->value('model'), true);

        return is_array($model) ? MatchModel::fromStored($model, $people) : null;
    }

    public function keep(MatchModel $model): void
    {
        DB::table('double_models')->upsert([['tree_id' => $this->current->id(), 'made_at' => Carbon::now(),
            'model' => json_encode($model->stored(), JSON_THROW_ON_ERROR)]], ['tree_id']);
    }
}
