<?php

declare(strict_types=1);

namespace App\Console;

use App\Refusal;
use App\Trees\Access\LivingPeople;
use App\Trees\Access\SeenTree;
use App\Trees\Exchange\LivingTold;
use App\Trees\Exchange\NotWritten;
use App\Trees\Exchange\PrivacyAwareExport;
use App\Trees\Scope\CurrentTree;
use Illuminate\Console\Command;
use NorthBough\Core\Presentation\Kinds;
use NorthBough\Core\Presentation\Options;
use NorthBough\Core\Presentation\Presented;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Presentation\UnknownKind;
use NorthBough\Core\Presentation\WrongOption;
use Symfony\Component\Console\Input\InputOption;

/**
 * Writes one kind of drawing or report to a file. Every option of every kind is an option of the command.
 *
 * @template T of Presented
 */
abstract class PresentCommand extends Command
{
    use KeepsLiving;
    use Worded;

    /** @return Kinds<T> */
    abstract protected function kinds(): Kinds;

    /** @return non-empty-list<string> endings of file names */
    abstract protected function formats(): array;

    /**
     * @param  T  $presented
     * @return string the content of the file
     *
     * @throws Refusal
     * @throws SubjectMissing
     */
    abstract protected function content(Presented $presented, SeenTree $seen, Subject $subject, string $format): string;

    protected function configure(): void
    {
        parent::configure();
        foreach ($this->kinds()->options() as $option) {
            $this->addOption($option->name, null, InputOption::VALUE_REQUIRED, $option->help());
        }
    }

    public function handle(CurrentTree $current, PrivacyAwareExport $export, LivingPeople $living): int
    {
        try {
            $tree = TreeNamed::find($this->word('tree')) ?? throw new Refusal('There is no tree of that name.');
            [$to, $format] = $this->file();
            $current->enter($tree);
            $class = $this->kinds()->named($this->word('kind'));
            $presented = Options::make($class, $this->chosen());
            $subject = SubjectNamed::find($class::subject(), $this->subjects());
            $isKept = $this->keepsLiving();
            $seen = $export->seen($isKept ? LivingTold::everybody(null) : LivingTold::nobody(),
                "Wrote {$this->word('kind')} to a file");
            $content = $this->content($presented, $seen, $subject, $format);
            if (@file_put_contents($to, $content) === false) {
                throw NotWritten::to($to);
            }
        } catch (Refusal|UnknownKind|WrongOption|SubjectMissing|NotWritten $problem) {
            $this->error($problem->getMessage());

            return self::FAILURE;
        }
        $this->output->writeln('Wrote '.mb_strtolower($class::title()).'. '.($isKept
            ? 'Living people are in it in full; the journal says so.'
            : "Living people are hidden in it; the tree has {$living->count()}."));

        return self::SUCCESS;
    }

    /**
     * @return array{string, string} the file to write, and its format
     *
     * @throws Refusal
     */
    private function file(): array
    {
        $to = $this->word('to');
        $format = strtolower(pathinfo($to, PATHINFO_EXTENSION));

        return in_array($format, $this->formats(), true) ? [$to, $format]
            : throw new Refusal('Say where to write with --to=FILE. It ends in .'.implode(' or .', $this->formats()).'.');
    }

    /** @return non-empty-list<string> */
    private function subjects(): array
    {
        $words = array_values(array_map(static fn (mixed $value): string => is_scalar($value) ? (string) $value : '',
            (array) $this->argument('subject')));

        return $words === [] ? [''] : $words;
    }

    /** @return array<string, string> only those that were given */
    private function chosen(): array
    {
        $chosen = [];
        foreach ($this->kinds()->options() as $option) {
            if ($this->option($option->name) !== null) {
                $chosen[$option->name] = $this->word($option->name);
            }
        }

        return $chosen;
    }
}
