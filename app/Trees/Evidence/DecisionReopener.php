<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Models\Question;
use App\Models\RestsOn;
use App\Trees\Changes\Change;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Opens what was decided again, and nothing else does: a claim that it rests on was changed, classed anew, withdrawn or
 * taken away; a new claim contradicts what was accepted, or supports what was ruled out. A fact that contradicts is a
 * conflict, and is found as one.
 */
final readonly class DecisionReopener
{
    public function __construct(private CurrentTree $current, private ConflictSubjects $subjects)
    {
    }

    /** Called inside an open change set, once its work is done. */
    public function openAgain(Change $change): void
    {
        $why = array_fill_keys($change->touched->reopened(), 'A claim that it rests on was taken away.');
        if ($change->touched->hasAny('claims')) {
            $why += $this->byClaims($change->touched->rows());
        }
        if (array_filter($change->touched->reclassed()) !== []) {
            $why += $this->reclassed($change->touched->reclassed());
        }
        // What a case answered is asked again with it.
        $why += array_fill_keys($why === [] ? [] : RestsOn::query()->whereIn('question_id', array_keys($why))
            ->whereNotNull('deciding_question_id')->pluck('deciding_question_id')->all(), 'The case that answered it is open again.');
        foreach ($why as $id => $words) {
            $question = Question::query()->where('id', $id)->where('state', '<>', 'open')->where('state', '<>', 'unresolved')->first();
            // One that was decided in this very change rests on what it just said.
            if ($question !== null && ! $change->touched->has((string) $id)) {
                $question->fill(['state' => 'open', 'reopened_by' => $words])->save();
            }
        }
    }

    /**
     * One query for every save that writes a claim: the decisions that rest on it, and those of which it is news.
     *
     * @param  list<string>  $claimIds
     * @return array<string, string> words by question
     */
    private function byClaims(array $claimIds): array
    {
        [$tree, $ids] = [$this->current->id(), self::array($claimIds)];
        $rows = DB::select(
            "SELECT deciding_question_id AS id, 'rests on it' AS how, NULL::uuid AS event_id, NULL::uuid AS person_id, '' AS date_shown
                FROM rests_on
                WHERE tree_id = ? AND deciding_question_id IS NOT NULL AND claim_id = ANY(?::uuid[])
            UNION ALL SELECT questions.id, CASE WHEN questions.id IS NULL THEN 'never asked ' || events.kind ELSE events.standing END,
            events.id, events.person_id, events.date_shown FROM claims
                JOIN events ON events.tree_id = claims.tree_id AND events.id = claims.event_id
                LEFT JOIN questions ON questions.tree_id = events.tree_id AND questions.person_id = events.person_id
                AND questions.aspect = events.kind
                WHERE claims.tree_id = ? AND claims.id = ANY(?::uuid[]) AND claims.made_by IS NULL AND claims.version = 1
                AND events.standing IN ('rival', 'ruled out')
                AND (questions.state = 'decided' OR (questions.id IS NULL AND events.standing = 'ruled out' AND events.kind IN ('birth',
                'death')))
            UNION ALL SELECT questions.id, 'ruled out', NULL, parent_sets.child_id, questions.title FROM claims
                JOIN claim_uses ON claim_uses.tree_id = claims.tree_id AND claim_uses.claim_id = claims.id
                JOIN parentages ON parentages.tree_id = claim_uses.tree_id AND parentages.id = claim_uses.parentage_id
                AND parentages.standing = 'ruled out'
                JOIN parent_sets ON parent_sets.tree_id = parentages.tree_id AND parent_sets.id = parentages.parent_set_id
                JOIN questions ON questions.tree_id = parent_sets.tree_id AND questions.person_id = parent_sets.child_id
                AND questions.aspect IN ('mother', 'father')
                WHERE claims.tree_id = ? AND claims.id = ANY(?::uuid[]) AND claims.version = 1", [$tree, $ids, $tree, $ids, $tree, $ids]);
        $why = [];
        foreach ($rows as $row) {
            if (str_starts_with($row->how, 'never asked ')) {
                Question::query()
                    ->create(['kind' => 'conflict', 'person_id' => $row->person_id, 'aspect' => substr($row->how, strlen('never asked ')),
                        'title' => "A record says again what was ruled out: {$row->date_shown}."]);

                continue;
            }
            $words = match ($row->how) {
                'rests on it' => 'A claim that it rests on was changed.',
                'ruled out' => "A claim supports what was ruled out: {$row->date_shown}.",
                default => $this->contradicting($row),
            };
            $why += $words === null ? [] : [(string) $row->id => $words];
        }

        return $why;
    }

    private function contradicting(stdClass $row): ?string
    {
        $conflict = $this->subjects->againstAccepted($row->person_id, $row->event_id);

        return $conflict === null ? null : "A claim contradicts what was accepted: {$conflict->ground}";
    }

    /**
     * @param  array<string, list<string>>  $reclassed
     * @return array<string, string>
     */
    private function reclassed(array $reclassed): array
    {
        return array_fill_keys(array_column(DB::select('SELECT rests_on.deciding_question_id AS id FROM rests_on
            JOIN claims ON claims.tree_id = rests_on.tree_id AND claims.id = rests_on.claim_id JOIN records
            ON records.tree_id = claims.tree_id AND records.id = claims.record_id
            WHERE rests_on.tree_id = ? AND rests_on.deciding_question_id IS NOT NULL AND (records.id = ANY(?::uuid[])
            OR records.source_id = ANY(?::uuid[]))',
            [$this->current->id(), self::array($reclassed['records']), self::array($reclassed['sources'])]), 'id'),
            'What a claim that it rests on stands in was classed anew.');
    }

    /** @param  list<string>  $ids */
    private static function array(array $ids): string
    {
        return '{'.implode(',', $ids).'}';
    }
}
