<?php

declare(strict_types=1);

namespace App\Http\Journal\Inputs;

use App\Http\Api\ReadsRequest;
use App\Refusal;
use App\Trees\Journal\ChangeTopic;
use App\Trees\Journal\JournalFilter;
use Illuminate\Validation\Rule;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;

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
        return ['person' => ['nullable', 'uuid'], 'author' => ['nullable', 'uuid'], 'from' => ['nullable', 'string', 'max:200'],
            'to' => ['nullable', 'string', 'max:200'],
            'field' => ['nullable', Rule::enum(ChangeTopic::class)], 'how' => ['nullable', 'in:hand,batch,import,proposal']];
    }

    /**
     * Dates in any form, as the tree writes them.
     *
     * @throws Refusal where one is not understood
     */
    public function asked(DatingConvention $convention): JournalFilter
    {
        $span = static fn (?string $typed): ?DaySpan => $typed === null || trim($typed) === '' ? null : GenDate::parse($typed, $convention)
            ->span()
            ?? throw new Refusal("“{$typed}” is not understood as a date.");

        return new JournalFilter($this->person ?? '', $this->author ?? '', $span($this->from)?->earliest, $span($this->to)?->latest,
            ChangeTopic::tryFrom($this->field ?? ''), $this->how ?? '');
    }
}
