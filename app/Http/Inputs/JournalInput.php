<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use App\Trees\Journal\Asked;
use App\Trees\Journal\Field;
use Illuminate\Validation\Rule;

/** What is looked for in the journal; whatever is missing is not asked. */
final readonly class JournalInput
{
    use ReadsRequest;

    public function __construct(
        public ?string $person = null,
        public ?string $author = null,
        public ?string $from = null,
        public ?string $to = null,
        public ?string $field = null,
        public ?string $how = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['person' => ['nullable', 'uuid'], 'author' => ['nullable', 'uuid'], 'from' => ['nullable', 'date_format:Y-m-d'], 'to' => ['nullable', 'date_format:Y-m-d'],
            'field' => ['nullable', Rule::enum(Field::class)], 'how' => ['nullable', 'in:hand,batch,import,proposal']];
    }

    public function asked(): Asked
    {
        return new Asked($this->person ?? '', $this->author ?? '', $this->from ?? '', $this->to ?? '', Field::tryFrom($this->field ?? ''), $this->how ?? '');
    }
}
