<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A human decision, and one thing that it rests on.
 *
 * @property string|null $deciding_question_id
 * @property string|null $deciding_event_id
 * @property string|null $deciding_parentage_id
 * @property string|null $deciding_placing_id
 * @property string|null $claim_id
 * @property string|null $question_id
 * @property string|null $placing_id
 */
final class RestsOn extends TreeModel
{
    protected $table = 'rests_on';
}
