<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Models\Question;
use App\Trees\Changes\Change;
use App\Trees\CurrentTree;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Opens what was decided again, and nothing else does: a claim that it rests on was changed, classed anew, withdrawn or
 * taken away; a new claim contradicts what was accepted, or supports what was ruled out. A fact that contradicts is a
 * conflict, and is found as one.
 */
final readonly class Shaken
{
    public function __construct(private CurrentTree $current, private Subjects $subjects)
    {
    }

    /** Called inside an open change set, once its work is done. */
    public function openAgain(Change $change): void
    {
        $why = array_fill_keys($change->touched->shaken(), 'A claim that it rests on was taken away.');
        if ($change->touched->hasAny('claims')) {
            $why += $this->changed($change->touched->rows()) + $this->supportingRuledOut($change->touched->rows()) + $this->contradicting($change->touched->rows());
        }
        if (array_filter($change->touched->reclassed()) !== []) {
            $why += $this->reclassed($change->touched->reclassed());
        }
        foreach ($why as $id => $words) {
            $question = Question::query()->where('id', $id)->where('state', '<>', 'open')->where('state', '<>', 'unresolved')->first();
            // One that was decided in this very change rests on what it just said.
            if ($question !== null && ! $change->touched->has((string) $id)) {
                $question->fill(['state' => 'open', 'reopened_by' => $words])->save();
            }
        }
    }

    /**
     * @param  list<string>  $claimIds
     * @return array<string, string> words by question
     */
    private function changed(array $claimIds): array
    {
        return self::words('A claim that it rests on was changed.', DB::select('SELECT deciding_question_id AS id FROM rests_on WHERE tree_id = ? AND deciding_question_id IS NOT NULL AND claim_id = ANY(?::uuid[])',
            [$this->current->id(), self::array($claimIds)]));
    }

    /**
     * @param  array<string, list<string>>  $reclassed
     * @return array<string, string>
     */
    private function reclassed(array $reclassed): array
    {
        return self::words('What a claim that it rests on stands in was classed anew.', DB::select('SELECT rests_on.deciding_question_id AS id FROM rests_on
            JOIN claims ON claims.tree_id = rests_on.tree_id AND claims.id = rests_on.claim_id JOIN records ON records.tree_id = claims.tree_id AND records.id = claims.record_id
            WHERE rests_on.tree_id = ? AND rests_on.deciding_question_id IS NOT NULL AND (records.id = ANY(?::uuid[]) OR records.source_id = ANY(?::uuid[]))',
            [$this->current->id(), self::array($reclassed['records']), self::array($reclassed['sources'])]));
    }

    /**
     * @param  list<string>  $claimIds
     * @return array<string, string>
     */
    private function supportingRuledOut(array $claimIds): array
    {
        $why = [];
        foreach ($this->newOn('ruled out', $claimIds) as $row) {
            $why[(string) $row->id] = "A claim supports what was ruled out: {$row->date_shown}.";
        }

        return $why;
    }

    /**
     * @param  list<string>  $claimIds
     * @return array<string, string>
     */
    private function contradicting(array $claimIds): array
    {
        $why = [];
        foreach ($this->newOn('rival', $claimIds) as $row) {
            $conflict = $this->subjects->againstAccepted($row->person_id, $row->event_id);
            if ($conflict !== null) {
                $why[(string) $row->id] = "A claim contradicts what was accepted: {$conflict->ground}";
            }
        }

        return $why;
    }

    /**
     * @param  list<string>  $claimIds
     * @return list<stdClass> decided questions, with the fact of this standing on which one of these claims is new
     */
    private function newOn(string $standing, array $claimIds): array
    {
        return array_values(DB::select("SELECT questions.id, events.id AS event_id, events.person_id, events.date_shown FROM claims
            JOIN events ON events.tree_id = claims.tree_id AND events.id = claims.event_id
            JOIN questions ON questions.tree_id = events.tree_id AND questions.person_id = events.person_id AND questions.aspect = events.kind
            WHERE claims.tree_id = ? AND claims.id = ANY(?::uuid[]) AND claims.made_by IS NULL AND claims.version = 1 AND events.standing = ? AND questions.state = 'decided'",
            [$this->current->id(), self::array($claimIds), $standing]));
    }

    /**
     * @param  array<stdClass>  $rows
     * @return array<string, string>
     */
    private static function words(string $words, array $rows): array
    {
        return array_fill_keys(array_column($rows, 'id'), $words);
    }

    /** @param  list<string>  $ids */
    private static function array(array $ids): string
    {
        return '{'.implode(',', $ids).'}';
    }
}
