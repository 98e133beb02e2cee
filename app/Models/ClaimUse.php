<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\ClaimUseRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

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
#[DescribedBy(ClaimUseRow::class)]
#[Column('name_id', isSafe: true)]
#[Column('union_id', isSafe: true)]
#[Column('question_id', isSafe: true)]
final class ClaimUse extends TreeModel
{
    protected $table = 'claim_uses';
}
