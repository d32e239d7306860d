<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\Core\Tight\TightBook;
use Rinkel\Core\Tight\TightKnots;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class TightenCommandTest extends KernelTestCase
{
    private const ROOT = __DIR__.'/../../..';

    public function testAKnotIsPrintedByTheSchema(): void
    {
        $tester = $this->tester();
        self::assertSame(0, $tester->execute(['knot' => 'vertical-lark', '--core' => '1x0.5', '--spacing' => '0.4']));
        $found = json_decode($tester->getDisplay());
        $book = (object) ['format' => 'rinkel-tight', 'version' => 1, 'spacing' => 0.4, 'knots' => [$found]];
        $result = (new Validator())->validate($book, $this->schema());
        self::assertTrue($result->isValid(), (string) $result);
        self::assertIsObject($found);
        self::assertTrue($found->whole ?? false);
    }

    public function testItIsDrawn(): void
    {
        $tester = $this->tester();
        self::assertSame(0, $tester->execute(['knot' => 'hitch', '--svg' => true, '--spacing' => '0.5']));
        self::assertStringStartsWith('<svg', $tester->getDisplay());
        self::assertGreaterThan(20, substr_count($tester->getDisplay(), '<path'));
    }

    public function testWhatCanBeTightenedIsListed(): void
    {
        $tester = $this->tester();
        self::assertSame(0, $tester->execute([]));
        foreach (TightKnots::ids() as $id) {
            self::assertStringContainsString($id, $tester->getDisplay());
        }
    }

    /**
     * @param array<string, string> $input
     */
    #[DataProvider('provideWrong')]
    public function testWhatIsWrongIsTold(array $input, string $told): void
    {
        $tester = $this->tester();
        self::assertSame(1, $tester->execute($input));
        self::assertStringContainsString($told, $tester->getDisplay());
    }

    /**
     * @return iterable<string, array{array<string, string>, string}>
     */
    public static function provideWrong(): iterable
    {
        yield 'knot' => [['knot' => 'granny'], 'No granny can be tightened.'];
        yield 'count' => [['knot' => 'barrel', '--count' => '7'], '--count is'];
        yield 'push' => [['knot' => 'square', '--push' => 'hard'], '--push is'];
        yield 'half a wrap' => [['knot' => 'barrel', '--count' => '2.5'], '--count is a whole number.'];
        yield 'core of what' => [
            ['knot' => 'square', '--core-cord' => 'wood'],
            '--core-cord is hard, firm or soft.',
        ];
        yield 'friction' => [['knot' => 'overhand', '--friction' => '3'], '--friction is a number from 0 to 2.'];
        yield 'stiffness' => [['knot' => 'square', '--stiffness' => '-1'], '--stiffness is'];
        yield 'spacing' => [['knot' => 'square', '--spacing' => '0.01'], '--spacing is'];
        yield 'cord' => [['knot' => 'square', '--cord' => 'wet'], '--cord is'];
        yield 'core' => [['knot' => 'square', '--core' => '9x1'], '--core is'];
        yield 'thin core' => [['knot' => 'square', '--core' => '1x0.1'], '--core is'];
    }

    /**
     * What is kept was found by this program: one of its knots is tightened again, and the book has all of them.
     */
    public function testTheBookIsWhatThisProgramFinds(): void
    {
        $book = json_decode((string) file_get_contents(self::ROOT.'/docs/tightened.json'));
        $result = (new Validator())->validate($book, $this->schema());
        self::assertTrue($result->isValid(), (string) $result);
        self::assertIsObject($book);
        self::assertIsArray($book->knots ?? null);
        self::assertCount(\count(TightBook::cases()), $book->knots);
        self::assertSame([TightBook::VERSION, TightBook::SPACING], [$book->version ?? 0, $book->spacing ?? 0]);
        $kept = array_values(array_filter(
            $book->knots,
            static fn (mixed $one): bool => \is_object($one)
                && ['vertical lark', 0.5] === [$one->knot ?? '', $one->core ?? 0.0],
        ))[0] ?? null;
        self::assertIsObject($kept);
        self::assertIsArray($kept->use ?? null);
        $tester = $this->tester();
        $tester->execute(['knot' => 'vertical-lark', '--core' => '1x0.5']);
        $found = json_decode($tester->getDisplay());
        self::assertIsObject($found);
        self::assertIsArray($found->use ?? null);
        self::assertEqualsWithDelta($kept->use[0], $found->use[0], 0.003);
    }

    private function schema(): string
    {
        return (string) file_get_contents(self::ROOT.'/docs/tight.schema.json');
    }

    private function tester(): CommandTester
    {
        return new CommandTester((new Application(self::bootKernel()))->find('rinkel:tighten'));
    }
}
