<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Svg\Posture;
use Rinkel\App\Svg\WornDrawing;
use Rinkel\Core\Failure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Svg\PieceDrawing;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Throws random and mutated patterns and pieces at the core: nothing but a named failure may come out, and never late.
 *
 * The same seed gives the same inputs, to the last one; what fails is printed with it.
 */
#[AsCommand('rinkel:fuzz', 'command.fuzz.does')]
final class FuzzCommand extends Command
{
    private const LATE = 80.0;
    private const WORDS = [
        'square', 'half left', 'half right', 'overhand', 'double overhand', 'barrel', 'barrel 3', 'lark', 'vertical lark', 'hitch', 'bead', 'bead a', 'bead 2 a b',
        'focal a', 'gap', 'gap fit', 'gap 3 cm', 'word "AB" of a', 'bundle a b / b', 'centre (', '(', ')', ') x fit', ') x 3', 'x fit', 'x 2 alternate', ',', ', ',
        'mirror', 'wave 3 a / b', '3 link a', 'braid 4 cm', 'net 4 every 9 mm', '5 whip', 'interlace', 'in b',
        'on left', 'on strand 2', 'by value', '1', '7', '2000', '99999', '"', '/', "\n", 'fit', 'é', 'fill',
        'fit partly', 'outwards', 'mirror with a for b', ') x 4 exchanging a for b', 'hang a', 'binding 9 mm',
        'bundle loose a b', 'bundle level a / b', 'gap 2 gauge', 'gap 12 mm centres', 'by size', 'by finish', "\xff",
        '-1', '0.5',
    ];

    /** Parts that can be read; # is a number, @ a bead. */
    private const PARTS = [
        '# square', '# square x fit', '# half left', '# overhand', '# barrel 3', '1 bead @', '# bead @', 'gap # mm', 'gap fit', 'focal @', '1 vertical lark',
        '(1 bead @, # square) x fit', '(1 overhand, 1 bead @) x fit 2', '(1 barrel 2, gap # mm) x #', '(1 bead @ on left, 1 bead @ on right, # square) x fit alternate',
        'word "ABC" of @', '(bundle @ @ / @, 1 barrel 3) x fit', 'centre (# bead @)', 'mirror', '# bead by colour 2 @ @', '1 bead @ on strand 2',
        'bundle @ @ @ x fit', 'wave 4 @ / @', '(wave # @ / # @, 2 square) x fit', '# link @ x fit', 'braid fit',
        'net # every # mm', '# whip', '1 interlace', 'hang @', 'binding # mm',
        'gap # gauge', 'gap # mm centres', 'bundle loose @ @ x fit', 'bundle level @ / @ @', 'mirror with @ for @',
        '(# square in @, # square in @) x # exchanging @ for @',
        '(1 bead @, # square) x fit partly', '# square fill', 'outwards', '# bead by size 2 @ 3 @',
        '# bead by finish @ @',
    ];

    private \Random\Randomizer $random;

    public function __construct(
        private readonly PieceFiles $files,
        private readonly PieceReader $reader,
        private readonly PieceWriter $writer,
        private readonly Planner $planner,
        #[Autowire('%kernel.project_dir%/demo/pieces')]
        private readonly string $folder,
    ) {
        parent::__construct();
        $this->random = new \Random\Randomizer(new \Random\Engine\Mt19937(1));
    }

    protected function configure(): void
    {
        $this->addArgument('runs', InputArgument::OPTIONAL, 'command.fuzz.runs', '50000')->addArgument(
            'seed',
            InputArgument::OPTIONAL,
            'command.fuzz.seed',
            '7',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$runs, $seed] = [$input->getArgument('runs'), $input->getArgument('seed')];
        \assert(is_numeric($runs) && is_numeric($seed));
        $this->random = new \Random\Randomizer(new \Random\Engine\Mt19937((int) $seed));
        $documents = array_map(
            fn (string $file): array => $this->writer->write($this->planner->completed($this->files->read($file))->decided()),
            glob($this->folder.'/*.json') ?: [],
        );
        [$worst, $planned] = [0.0, 0];
        for ($i = 0; $i < (int) $runs; ++$i) {
            $document = $this->other($documents[$this->whole(0, \count($documents) - 1)] ?? []);
            try {
                $took = $this->patiently($document, $i, $planned);
                $fault = $took > self::LATE ? \sprintf('took %.1f ms', $took) : null;
                $worst = max($worst, $took);
            } catch (\Throwable $bug) {
                $fault = $bug->getMessage().' in '.basename($bug->getFile()).':'.$bug->getLine();
            }
            if (null !== $fault) {
                $by = json_encode($document, \JSON_INVALID_UTF8_SUBSTITUTE);
                $output->writeln(\sprintf('Seed %s, run %d: %s by %s', $seed, $i, $fault, (string) $by));

                return Command::FAILURE;
            }
        }
        $output->writeln(\sprintf(
            '%d inputs from seed %s: %d planned, %d named failures, the slowest %.1f ms.',
            (int) $runs,
            $seed,
            $planned,
            (int) $runs - $planned,
            $worst,
        ));

        return Command::SUCCESS;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<mixed> with something changed, most often its pattern
     */
    private function other(array $document): array
    {
        if (0 === $this->whole(0, 2)) {
            return $this->mutated($document);
        }
        $pattern = \is_string($document['pattern'] ?? null) ? $document['pattern'] : '';

        return ['pattern' => 0 === $this->whole(0, 1) ? $this->sound($document) : $this->pattern($pattern)] + $document;
    }

    /**
     * Late once it may have been the machine; late five times it is slow.
     *
     * @param array<mixed> $document
     *
     * @return float ms
     */
    private function patiently(array $document, int $run, int &$planned): float
    {
        $took = $this->timed($document, 0 === $run % 20, $planned);
        for ($again = 0; $took > self::LATE && $again < 4; ++$again) {
            usleep(100_000);
            $took = min($took, $this->timed($document, false, $planned));
        }

        return $took;
    }

    /**
     * Returns how long the processor read and planned, in ms; draws too, when asked, outside of that.
     *
     * @param array<mixed> $document
     */
    private function timed(array $document, bool $drawn, int &$planned): float
    {
        $start = self::worked();
        try {
            $plan = $this->planner->plan($this->reader->read($document));
            $took = self::worked() - $start;
            ++$planned;
            if ($drawn) {
                (new PieceDrawing($plan, 'fuzz'))->board(1, 'fuzz');
                (new WornDrawing($plan, 'fuzz'))->paint(new Posture(), 'fuzz');
            }

            return $took;
        } catch (Failure) {
            return self::worked() - $start;
        }
    }

    /**
     * Returns a pattern that can be read, of parts that may or may not suit the piece.
     *
     * @param array<mixed> $document
     */
    private function sound(array $document): string
    {
        $beads = array_keys(
            \is_array($document['beads'] ?? null) && [] !== $document['beads'] ? $document['beads'] : ['a' => 0],
        );
        $parts = [];
        for ($i = $this->whole(1, 6); $i > 0; --$i) {
            $part = self::PARTS[$this->whole(0, \count(self::PARTS) - 1)];
            $parts[] = str_replace(
                ['#', '@'],
                [(string) $this->whole(1, 30), (string) $beads[$this->whole(0, \count($beads) - 1)]],
                $part,
            );
        }

        return implode(', ', $parts);
    }

    /**
     * Returns a pattern of words thrown together, or $pattern with some of it exchanged.
     */
    private function pattern(string $pattern): string
    {
        $words = 0 === $this->whole(0, 1) ? [] : (preg_split('/(?<=[ ,()])/', $pattern) ?: []);
        for ($i = $this->whole(1, [] === $words ? 12 : 3); $i > 0; --$i) {
            array_splice(
                $words,
                $this->whole(0, \count($words)),
                $this->whole(0, 2),
                ' '.$this->whole(1, 40).' '.self::WORDS[$this->whole(0, \count(self::WORDS) - 1)].(0 === $this->whole(0, 2) ? ',' : ''),
            );
        }
        $text = implode('', $words);
        try {
            return (string) Pattern::parse($text, Unit::Millimetre);
        } catch (Failure) {
            return $text;
        }
    }

    /**
     * Returns the document with some of its values exchanged or taken out.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private function mutated(array $document): array
    {
        foreach ($document as $key => $value) {
            if (\is_array($value) && 0 !== $this->whole(0, 20)) {
                $document[$key] = $this->mutated($value);
            } elseif ('format' !== $key && 'version' !== $key && 'construction' !== $key && 0 === $this->whole(0, 30)) {
                $document[$key] = $this->value();
            }
        }

        return $document;
    }

    private function value(): mixed
    {
        $values = [
            null, '', 0, 1, -1, 12, true, [], ['x'], 'yes', 'clasp', 'ties', 'button-loop', 'slide-bead', 'magnetic', 'double-barrel', 'leather', 'elastic-clear', 'neck', 'comfortable',
            '#ffffff', $this->whole(1, 4000) / 10 .' mm', $this->whole(1, 200) / 10 .' mm', $this->whole(1, 60).' in', '1e9', str_repeat('9', 300), 'abc', '7 1/0', '1 square x fit', 3.5, "\xff",
        ];

        return $values[$this->whole(0, \count($values) - 1)];
    }

    private function whole(int $from, int $to): int
    {
        return $this->random->getInt($from, $to);
    }

    /**
     * Returns the time that the processor has worked for this process, in ms: unlike the clock it does not count what
     * others do.
     */
    private static function worked(): float
    {
        /** @var array<string, int> $usage */
        $usage = getrusage() ?: [];

        return 1e3 * (($usage['ru_utime.tv_sec'] ?? 0) + ($usage['ru_stime.tv_sec'] ?? 0)) + (($usage['ru_utime.tv_usec'] ?? 0) + ($usage['ru_stime.tv_usec'] ?? 0)) / 1e3;
    }
}
