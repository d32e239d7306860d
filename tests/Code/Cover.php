<?php

declare(strict_types=1);

namespace Rinkel\Tests\Code;

use SebastianBergmann\CodeCoverage\CodeCoverage;

/**
 * Which tests run through which line of the code, the quickest first.
 */
final readonly class Cover
{
    /** Seconds that a first handful of tests takes together: most faults are found by then. */
    private const FIRST = 4.0;

    /**
     * @param array<string, array<int, list<string>>> $tests   by path from the root and line: "Class::method"
     * @param array<string, float>                    $seconds by test, all its data together
     */
    private function __construct(private array $tests, private array $seconds) {}

    /**
     * Reads what PHPUnit wrote with --coverage-php and --log-junit.
     *
     * @param string $root of the project that was run
     */
    public static function read(string $coverage, string $junit, string $root): self
    {
        $covered = require $coverage;
        \assert($covered instanceof CodeCoverage);
        /** @var array<string, array<int, list<string>|null>> $lines by file and line */
        $lines = $covered->getData()->lineCoverage();
        $tests = [];
        foreach ($lines as $file => $ran) {
            $path = substr($file, \strlen($root) + 1);
            $tests[$path] = array_map(static fn (?array $by): array => array_values(array_unique(array_map(
                static fn (string $name): string => (string) strstr($name.'#', '#', true),
                $by ?? [],
            ))), $ran);
        }

        return new self($tests, self::seconds($junit));
    }

    /**
     * Returns the tests that run through any of some lines, in two lots: a handful that is quick, and all others. What is
     * no statement, such as a constant, is as well tested as its class.
     *
     * @return list<non-empty-list<string>>
     */
    public function of(string $path, int $from, int $to): array
    {
        $names = [];
        for ($line = $from; $line <= $to; ++$line) {
            $names += array_fill_keys($this->tests[$path][$line] ?? [], true);
        }
        if ([] === $names) {
            $names = array_fill_keys(array_merge(...array_values($this->tests[$path] ?? []), ...[[]]), true);
        }
        $names = array_keys($names);
        usort($names, fn (string $one, string $other): int => $this->secondsOf($one) <=> $this->secondsOf($other));
        [$first, $rest, $spent] = [[], [], 0.0];
        foreach ($names as $name) {
            $spent += $this->secondsOf($name);
            if ($spent <= self::FIRST || [] === $first) {
                $first[] = $name;
            } else {
                $rest[] = $name;
            }
        }

        return array_values(array_filter([$first, $rest], static fn (array $lot): bool => [] !== $lot));
    }

    private function secondsOf(string $test): float
    {
        return $this->seconds[$test] ?? 0.01;
    }

    /**
     * @return array<string, float>
     */
    private static function seconds(string $junit): array
    {
        $reader = \XMLReader::open($junit);
        \assert($reader instanceof \XMLReader);
        $seconds = [];
        while ($reader->read()) {
            if (\XMLReader::ELEMENT === $reader->nodeType && 'testcase' === $reader->name) {
                $method = (string) strstr($reader->getAttribute('name').' with', ' with', true);
                $name = $reader->getAttribute('class').'::'.$method;
                $seconds[$name] = ($seconds[$name] ?? 0.0) + (float) $reader->getAttribute('time');
            }
        }

        return $seconds;
    }
}
