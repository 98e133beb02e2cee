<?php

declare(strict_types=1);

namespace App\Trees\Casework;

use App\Models\Question;
use App\Models\RestsOn;
use NorthBough\Core\Evidence\Casework\CaseState;

/**
 * A question that a contradiction opened and that is weighed as a case, such as who the mother was. The answer of the
 * case answers it.
 */
final class ConflictCase
{
    public static function followCase(Question $case, CaseState $state): void
    {
        $asked = Question::query()->where('kind', 'conflict')->where('person_id', $case->person_id)->where('aspect', $case->aspect)
            ->first();
        if ($case->kind !== 'kinship' || $asked === null) {
            return;
        }
        if (in_array($state, [CaseState::Probable, CaseState::Proved], true)) {
            $asked->fill(['state' => 'decided', 'decision' => $case->decision, 'reason' => $case->reason, 'reopened_by' => ''])->save();
            RestsOn::query()->create(['deciding_question_id' => $asked->id, 'question_id' => $case->id]);
        } elseif ($asked->state === 'decided') {
            $asked->fill(['state' => 'open', 'reopened_by' => 'The case that answered it is open again.'])->save();
        }
    }
}
