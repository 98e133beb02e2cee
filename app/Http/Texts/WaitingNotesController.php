<?php

declare(strict_types=1);

namespace App\Http\Texts;

use App\Http\Api\Get;
use App\Http\Texts\Resources\WaitingNotes;
use App\Http\Texts\Resources\WaitingPerson;
use App\Trees\Access\LivingPeople;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Notes brought in from elsewhere, which wait until somebody sums them up in a text. */
final readonly class WaitingNotesController
{
    private const AT_ONCE = 60;

    public function __construct(private CurrentTree $current, private LivingPeople $living)
    {
    }

    #[Get('/trees/{tree}/texts/waiting', 'waitingNotes', WaitingNotes::class)]
    public function index(): JsonResponse
    {
        $people = $this->waiting()->groupBy('person_lines.person_id', 'person_lines.sort_name')
            ->selectRaw('person_lines.person_id, count(*) AS notes')->orderBy('person_lines.sort_name')->orderBy('person_lines.person_id')
            ->limit(self::AT_ONCE)->get();
        $names = $this->living->forReader()->lives(array_values($people->pluck('person_id')->all()));

        return response()->json(new WaitingNotes(array_values($people->map(
            static fn (stdClass $row): WaitingPerson => new WaitingPerson($row->person_id,
                ($names[$row->person_id] ?? null)?->name()->shown() ?? '?', $row->notes))->all()),
            $this->waiting()->distinct()->count('person_lines.person_id')));
    }

    /** Notes that a file brought, of people of whom there is no text. */
    private function waiting(): Builder
    {
        return $this->living->visible(DB::table('notes')
            ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'notes.tree_id')
                ->on('person_lines.person_id', 'notes.person_id'))
            ->where('notes.tree_id', $this->current->id())->where('notes.ordinal', '>=', 0)
            ->whereNotExists(static fn (Builder $query) => $query->selectRaw('1')->from('texts')
                ->whereColumn('texts.tree_id', 'notes.tree_id')->whereColumn('texts.person_id', 'notes.person_id')));
    }
}
