<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Board;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Part;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

/**
 * What acts say: with every bead and finding called by a name that nothing else has, a sentence shows those of its act
 * and no other; and each length that it names is one of the plan's.
 */
final class SentencesTest extends KernelTestCase
{
    /**
     * @return iterable<string, array{string}>
     */
    public static function provideExamples(): iterable
    {
        foreach (glob(\dirname(__DIR__, 3).'/demo/pieces/*.json') ?: [] as $file) {
            yield basename($file) => [$file];
        }
    }

    #[DataProvider('provideExamples')]
    public function testASentenceShowsTheThingsOfItsAct(string $file): void
    {
        $plan = self::marked($file);
        $wording = self::getContainer()->get(Wording::class);
        $parts = array_column($plan->draft->fastened->parts(), 0);
        $there = [];
        foreach ($plan->acts()->all as $number => $act) {
            $text = $wording->making($act->said, $plan->draft->piece->unit);
            preg_match_all('/\bzqx\d+\b/', $text, $shown);
            $marked = array_values(array_filter(
                $act->stint->things,
                static fn (string $name): bool => str_starts_with($name, 'zqx'),
            ));
            array_push($there, ...$act->stint->things);
            self::assertSame([], array_diff($marked, $shown[0]), ($number + 1).' does not name all of it: '.$text);
            // Besides, it may speak of what is there to measure from, and of a button that a loop is made for.
            self::assertSame(
                [],
                array_diff($shown[0], $there, Part::Loop === $act->part ? $parts : []),
                ($number + 1).' speaks of what is not there: '.$text,
            );
        }
    }

    #[DataProvider('provideExamples')]
    public function testWhatIsMeasuredIsAsItIsPlanned(string $file): void
    {
        $plan = (new Planner())->plan((new PieceReader())->read(self::document($file)));
        $draft = $plan->draft;
        foreach ($plan->acts()->all as $act) {
            foreach ([
                'body' => [$draft->body()], 'worn' => [$draft->worn()], 'opens' => [$draft->open()],
            ] as $size => $planned) {
                if (ActKind::Try === $act->does && isset($act->spot->sizes[$size])) {
                    self::assertOneOf($planned, $act->spot->sizes[$size], $act, $size);
                }
            }
            if (Part::Loop === $act->part && isset($act->spot->sizes['size'])) {
                $fastened = $draft->fastened;
                self::assertOneOf(
                    array_filter([$fastened->loops->startLoop, $fastened->loops->finishLoop]),
                    $act->spot->sizes['size'],
                    $act,
                    'loop',
                );
            }
            if (ActKind::Cut === $act->does) {
                $lengths = array_map(static fn ($cut): Length => $cut->length, $plan->cuts);
                self::assertOneOf($lengths, $act->spot->sizes['length'], $act, 'cut');
            }
        }
        foreach ($plan->acts()->all as $act) {
            $due = 0 === $act->grip->half ? $act->spot->due ?? Length::zero() : Length::zero();
            self::assertLessThan(
                $draft->body()->millimetres + 0.01,
                $due->millimetres,
                'nothing is due beyond the body',
            );
        }
    }

    /**
     * @param array<Length> $planned
     */
    private static function assertOneOf(array $planned, Length $said, Act $act, string $what): void
    {
        $off = array_map(static fn (Length $one): float => $one->minus($said)->absolute()->millimetres, $planned);
        self::assertLessThan(0.01, min([\INF, ...$off]), $act->said.': '.$what);
    }

    private static function text(mixed $text): string
    {
        self::assertIsString($text);

        return $text;
    }

    /**
     * @return array<mixed>
     */
    private static function document(string $file): array
    {
        $document = json_decode((string) file_get_contents($file), true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($document);

        return $document;
    }

    /**
     * Returns an example with its beads and findings called zqx1, zqx2 and so on.
     */
    private static function marked(string $file): Plan
    {
        $document = self::document($file);
        $names = [];
        foreach (['beads', 'findings'] as $field) {
            self::assertIsArray($document[$field] ??= []);
            foreach (array_keys($document[$field]) as $name) {
                $names[(string) $name] = 'zqx'.(\count($names) + 1);
            }
        }
        $renamed = static fn (string $text): string => [] === $names ? $text : (string) preg_replace_callback(
            '/\b('.implode('|', array_map(preg_quote(...), array_keys($names))).')\b/u',
            static fn (array $match): string => $names[$match[0]],
            $text,
        );
        self::assertIsString($document['pattern']);
        $document['pattern'] = $renamed($document['pattern']);
        self::assertIsArray($document['closure']);
        foreach (['tails', 'findings'] as $field) {
            if (isset($document['closure'][$field])) {
                $document['closure'][$field] = \is_array($document['closure'][$field])
                    ? array_map(
                        static fn (mixed $one): string => $renamed(self::text($one)),
                        $document['closure'][$field],
                    )
                    : $renamed(self::text($document['closure'][$field]));
            }
        }
        foreach (['beads', 'findings'] as $field) {
            $called = [];
            foreach (\is_array($document[$field]) ? $document[$field] : [] as $name => $one) {
                $called[$names[(string) $name]] = $one;
            }
            $document[$field] = $called;
        }
        $document = array_filter($document, static fn (mixed $value): bool => [] !== $value);

        return (new Planner())->plan((new PieceReader())->read($document));
    }
}
