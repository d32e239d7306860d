<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Wording;

use Psr\Log\AbstractLogger;
use Rinkel\App\Platform\Wording\Notation;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Plan\JudgementTest;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Yaml\Yaml;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Every sentence can be said: each message of the catalogue with every kind of value that it takes, each check with the
 * values that the core gives it, each derivation of every construction.
 */
final class WordingTest extends KernelTestCase
{
    /** @var list<string> */
    private array $logged = [];

    /**
     * What is said of a spool in feet and inches is what a maker may type again: half an inch is lost at most.
     */
    public function testASpoolIsSaidInFeetAndInches(): void
    {
        $wording = self::getContainer()->get(Wording::class);
        self::assertSame('45 ft 11 in', $wording->roomy(Length::ofMillimetres(14_000), Unit::Inch));
        self::assertSame('14 m', $wording->roomy(Length::ofMillimetres(14_000), Unit::Centimetre));
        self::assertSame('16.14 m', $wording->roomy(Length::ofMillimetres(16_144), Unit::Centimetre));
        self::assertSame('27 9/16 in', $wording->roomy(Length::ofMillimetres(700), Unit::Inch));
        for ($mm = 3_000; $mm < 40_000; $mm += 371) {
            $said = $wording->roomy(Length::ofMillimetres($mm), Unit::Inch);
            self::assertEqualsWithDelta($mm, Length::parse($said, Unit::Inch)->millimetres, 12.71, $said);
        }
    }

    public function testEveryMessageCanBeFormatted(): void
    {
        $count = 0;
        foreach (['en', 'nl', 'de'] as $locale) {
            foreach (self::messages($locale) as $key => $message) {
                foreach (self::values($message) as $values) {
                    $formatter = new \MessageFormatter($locale, $message);
                    $said = $formatter->format($values);
                    $told = $locale.' '.$key.': '.$formatter->getErrorMessage().' with '.json_encode($values);
                    self::assertIsString($said, $told);
                    self::assertDoesNotMatchRegularExpression('/[{}]/', $said, $told);
                    ++$count;
                }
            }
        }
        self::assertGreaterThan(1400, $count);
    }

    public function testTheFaultThatOnceKilledThePieceIsFound(): void
    {
        // One argument used both as a plural and plainly.
        $formatter = new \MessageFormatter(
            'en',
            '{passes, plural, one {one pass} other {# passes}}, or {passes} of {all}',
        );
        self::assertFalse(@$formatter->format(['passes' => 'x', 'all' => '1 mm']));
    }

    public function testEveryCheckIsSaidForAPieceThatTriggersIt(): void
    {
        $wording = $this->wording();
        $said = [];
        foreach (self::plans() as $plan) {
            foreach ($plan->checks as $check) {
                foreach ([Unit::Centimetre, Unit::Inch] as $unit) {
                    $sentence = $wording->check($check, $unit);
                    self::assertMatchesRegularExpression('/^[\p{Lu}“\p{L}\d].*[.!]$/us', $sentence, $check->code);
                    self::assertStringNotContainsString('check.', $sentence);
                    self::assertNotSame('', $wording->remedy($check, $unit) ?? 'none');
                    $said[$check->code] = true;
                }
            }
            foreach ($plan->figures() as $figure) {
                foreach ($figure->steps as $step) {
                    self::assertStringNotContainsString('step.', $wording->step($step, Unit::Inch));
                }
            }
        }
        self::assertSame([], $this->logged);
        $all = Yaml::parseFile(\dirname(__DIR__, 4).'/translations/messages+intl-icu.en.yaml');
        self::assertIsArray($all);
        self::assertIsArray($all['check']);
        self::assertSame(
            [],
            array_values(array_diff(array_keys($all['check']), array_keys($said))),
            'checks that no piece here triggers',
        );
    }

    public function testASentenceThatCannotBeSaidCostsItselfOnly(): void
    {
        $broken = self::createStub(TranslatorInterface::class);
        $broken->method('trans')->willThrowException(new \IntlException('no'));
        $wording = new Wording($broken, $this->logger(), self::getContainer()->get(Notation::class));
        $check = Examples::check(Examples::plan(['closure.knots' => 2]), 'slider-few-knots');

        self::assertNotNull($check);
        self::assertStringStartsWith('check.slider-few-knots 2', $wording->check($check, Unit::Centimetre));
        self::assertSame(['A sentence cannot be said.'], $this->logged);
    }

    /**
     * @return iterable<Plan>
     */
    private static function plans(): iterable
    {
        foreach (JudgementTest::provideChecks() as [, , $construction, $triggering]) {
            yield 'plain' === $construction ? Examples::plan($triggering) : Examples::planOf($construction, $triggering);
        }
        foreach (Constructions::all()->ids() as $construction) {
            yield Examples::planOf($construction);
        }
        yield Examples::planOf('rope-knot', ['closure.kind' => 'butted', 'wearer.hand' => '30 cm']);
    }

    /**
     * @return iterable<string, string> by key
     */
    private static function messages(string $locale): iterable
    {
        $walk = static function (array $messages, string $stem) use (&$walk): iterable {
            foreach ($messages as $key => $message) {
                if (\is_array($message)) {
                    /** @var callable(array<mixed>, string): iterable<string, string> $walk */
                    yield from $walk($message, $stem.$key.'.');
                } elseif (\is_string($message)) {
                    yield $stem.$key => $message;
                }
            }
        };
        $all = Yaml::parseFile(\dirname(__DIR__, 4).'/translations/messages+intl-icu.'.$locale.'.yaml');

        /** @var iterable<string, string> */
        return $walk(\is_array($all) ? $all : [], '');
    }

    /**
     * Returns values for all arguments of a message, in turn each that makes it say something else.
     *
     * @return list<array<string, int|string>>
     */
    private static function values(string $message): array
    {
        $choices = [];
        preg_match_all('/\{(\w+)\}/', $message, $plain);
        foreach ($plain[1] as $name) {
            $choices[$name] ??= ['16.5 cm', '0'];
        }
        preg_match_all('/\{(\w+),\s*(plural|selectordinal|number)/', $message, $plural);
        foreach ($plural[1] as $name) {
            $choices[$name] = [0, 1, 2, 11];
        }
        preg_match_all(
            '/\{(\w+),\s*select,\s*((?:[\w-]+\s*\{(?:[^{}]|\{(?:[^{}]|\{[^{}]*\})*\})*\}\s*)+)\}/',
            $message,
            $select,
        );
        foreach ($select[1] as $i => $name) {
            preg_match_all('/([\w-]+)\s*\{/', $select[2][$i], $options);
            $choices[$name] = [...array_values(array_unique($options[1])), 'something else'];
        }
        preg_match_all('/\{(\w+_gender), select/', $message, $genders);
        foreach ($genders[1] as $name) {
            $choices[$name] = ['m', 'n', 'name', 'pluraln', 'f'];
        }
        $rows = [[]];
        foreach ($choices as $name => $values) {
            $rows = array_merge(
                ...array_map(
                    static fn (array $row): array => array_map(
                        static fn (int|string $value): array => $row + [$name => $value],
                        $values,
                    ),
                    \array_slice($rows, 0, 40),
                ),
            );
        }

        return $rows;
    }

    private function wording(): Wording
    {
        self::bootKernel(['environment' => 'test', 'debug' => false]);

        return new Wording(
            self::getContainer()->get(TranslatorInterface::class),
            $this->logger(),
            self::getContainer()->get(Notation::class),
        );
    }

    private function logger(): AbstractLogger
    {
        $log = function (string $message): void {
            $this->logged[] = $message;
        };

        return new class($log) extends AbstractLogger {
            /**
             * @param \Closure(string): void $log
             */
            public function __construct(private readonly \Closure $log) {}

            public function log(mixed $level, string|\Stringable $message, array $context = []): void
            {
                ($this->log)((string) $message);
            }
        };
    }
}
