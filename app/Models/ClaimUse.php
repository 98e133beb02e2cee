<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a claim does to a fact or a question: supports, contradicts or bears on it.
 *
 * @property string $claim_id
 * @property string|null $event_id
 * @property string|null $name_id
 * @property string|null $union_id
 * @property string|null $parentage_id
 * @property string|null $question_id
 * @property string $stance
 * @property string $evidence
 */
final class ClaimUse extends TreeModel
{
    protected $table = 'claim_uses';
}
