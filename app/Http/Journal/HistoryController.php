<?php

declare(strict_types=1);

namespace App\Http\Journal;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Journal\Inputs\RestoreInput;
use App\Http\Journal\Resources\DoneResource;
use App\Http\Journal\Resources\EntryResource;
use App\Http\Journal\Resources\HistoryEntry;
use App\Http\Journal\Resources\HistoryPage;
use App\Http\Tree\TreesController;
use App\Models\Person;
use App\Trees\Changes\Intent;
use App\Trees\Journal\History;
use App\Trees\Journal\HistoryLine;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What was changed about one person, values side by side; one value can be put back. */
final readonly class HistoryController
{
    public function __construct(private CurrentTree $current, private History $history)
    {
    }

    #[Get('/trees/{tree}/people/{person}/history', 'historyOf', HistoryPage::class, query: ['before'])]
    public function show(Request $request, string $tree, string $person): JsonResponse
    {
        JournalController::refuseShielded($this->current);
        $entries = array_map(
            static fn (HistoryLine $line): HistoryEntry => new HistoryEntry($line->told->entry->id, $line->told->entry->changeSeq,
                $line->told->entry->op, $line->told->called, $line->told->version, $line->who, $line->madeAt, $line->summary, $line->why,
                EntryResource::values($line->told)),
            $this->history->of(Person::query()->findOrFail($person)->id, $request->integer('before')));
        $last = end($entries);

        return response()->json(new HistoryPage($entries, $last === false || count($entries) < History::AT_ONCE / 2 ? null : $last->seq));
    }

    #[Post('/trees/{tree}/changed-values/{entry}/put-back', 'putBackValue', DoneResource::class, RestoreInput::class)]
    public function putBack(Request $request, string $tree, string $entry): JsonResponse
    {
        $input = RestoreInput::from($request);
        $this->history->putBack(new Intent(TreesController::user($request), 'Restored a value', $input->why ?? ''), $entry, $input->field,
            $input->version);

        return response()->json(new DoneResource('Restored.'));
    }
}
