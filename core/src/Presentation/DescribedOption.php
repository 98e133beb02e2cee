<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** An option as a form or a command asks for it. */
final readonly class DescribedOption
{
    /**
     * @param  string  $name  in an address and on the command line
     * @param  string  $usual  what it is where nothing is said, as words
     * @param  list<string>  $words  that it takes; of a number all from the least to the most
     */
    public function __construct(
        public string $name,
        public OptionType $type,
        public string $label,
        public string $says,
        public string $usual,
        public array $words,
    ) {
    }

    /** For the command line: what it does and what it takes. */
    public function help(): string
    {
        $words = match ($this->type) {
            OptionType::Number => "{$this->words[0]} to {$this->words[count($this->words) - 1]}",
            OptionType::Several => 'any of '.implode(',', $this->words),
            OptionType::YesNo, OptionType::Choice => implode(' or ', $this->words),
        };

        return "{$this->says}: {$words}; {$this->usual} where nothing is said";
    }
}
