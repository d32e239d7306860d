<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Tests\Core\Examples;

/**
 * Every bound of the published schema is the reader's, and the reader has none that the schema does not tell.
 */
final class SchemaTest extends TestCase
{
    /** What stands beside a value so that nothing else is wrong with it. */
    private const BESIDE = [
        'cords.core.width' => ['cords.core.thickness' => '0.2 mm'],
        'wearer.place' => ['wearer.girth' => '25 cm', 'wearer.hand' => '30 cm'],
        'beads.dot.hole' => ['beads.dot.diameter' => '80 mm'],
        'beads.dot.diameter' => ['beads.dot.hole' => '0.2 mm'],
        'samples.square.pitch' => ['samples.square.use' => '20 mm'],
        'samples.square.use' => ['samples.square.pitch' => '3 mm'],
    ];

    #[DataProvider('provideBounds')]
    public function testTheReaderTakesWhatTheSchemaTakesAndNoMore(string $path, mixed $value, bool $taken): void
    {
        try {
            Examples::piece(
                ['closure' => ['kind' => self::knows($path)], $path => $value] + (self::BESIDE[$path] ?? []),
            );
            $paths = [];
        } catch (PieceUnreadable $unreadable) {
            $paths = array_map(static fn (Fault $fault): string => $fault->path, $unreadable->faults);
        }

        self::assertSame($taken ? [] : [$path], $paths);
    }

    /**
     * @return iterable<string, array{string, mixed, bool}>
     */
    public static function provideBounds(): iterable
    {
        $schema = json_decode((string) file_get_contents(\dirname(__DIR__, 3).'/docs/piece.schema.json'), true);
        self::assertIsArray($schema);
        foreach (self::properties($schema, $schema, '') as $path => $rule) {
            foreach (self::tries($rule) as $told => [$value, $taken]) {
                if ('construction' === $path && !$taken) {
                    continue; // the planner knows them
                }
                yield $path.' '.$told => [$path, $value, $taken];
            }
        }
    }

    /**
     * Returns a kind of closure that a path can be said of.
     */
    private static function knows(string $path): string
    {
        $field = str_starts_with($path, 'closure.') ? substr($path, 8) : '';
        foreach (KnownClosures::all()->ids() as $id) {
            $kind = KnownClosures::all()->named($id);
            if (null !== $kind && \in_array($field, ClosureOption::ofKind($kind), true)) {
                return $id;
            }
        }

        return 'square-slider';
    }

    /**
     * What a closure does not know is refused by name, by the schema and by the reader alike.
     */
    public function testAClosureSaysOnlyWhatItsKindKnows(): void
    {
        $schema = (string) file_get_contents(\dirname(__DIR__, 3).'/docs/piece.schema.json');
        $values = [
            'knots' => 3, 'wraps' => 3, 'loops' => 2, 'tail' => '60 mm', 'shows' => '70 %', 'start' => 'loop',
            'finish' => 'button', 'play' => '2 mm', 'behind' => 1, 'tails' => 'frayed', 'short' => '20 mm',
            'spaced' => true, 'findings' => ['clip'], 'knotted' => true, 'glued' => true, 'plain' => true,
        ];
        self::assertSame(ClosureOption::fields(), array_values(array_intersect(ClosureOption::fields(), array_keys($values))));
        foreach (KnownClosures::all()->ids() as $id) {
            $known = ClosureOption::ofKind(KnownClosures::all()->named($id) ?? throw new \LogicException());
            foreach ($values as $field => $value) {
                $document = Examples::document(['closure' => ['kind' => $id, $field => $value]]);
                $isTaken = \in_array($field, $known, true);
                $validated = (new Validator())->validate(
                    json_decode((string) json_encode($document)),
                    $schema,
                );
                self::assertSame($isTaken, $validated->isValid(), $id.' '.$field);
                try {
                    (new PieceReader())->read($document);
                    self::assertTrue($isTaken, $id.' '.$field);
                } catch (PieceUnreadable $unreadable) {
                    self::assertFalse($isTaken, $id.' '.$field);
                    self::assertSame('closure.'.$field, $unreadable->faults[0]->path);
                }
            }
        }
    }

    public function testTheReaderKnowsEveryPropertyAndNoOther(): void
    {
        $schema = json_decode((string) file_get_contents(\dirname(__DIR__, 3).'/docs/piece.schema.json'), true);
        self::assertIsArray($schema);
        foreach (array_keys(self::properties($schema, $schema, '')) as $path) {
            try {
                (new PieceReader())->read(Examples::document([$path.'x' => 'x']));
                self::fail($path.'x');
            } catch (PieceUnreadable $unreadable) {
                self::assertContains(
                    $path.'x',
                    array_map(static fn (Fault $fault): string => $fault->path, $unreadable->faults),
                );
            }
        }
    }

    /**
     * @param array<mixed> $schema
     * @param array<mixed> $rule   with properties
     *
     * @return array<string, array<mixed>> rules of single values, by a path where each can stand
     */
    private static function properties(array $schema, array $rule, string $at): array
    {
        $all = [];
        foreach (\is_array($rule['properties'] ?? null) ? $rule['properties'] : [] as $name => $property) {
            $path = ltrim($at.'.'.$name, '.');
            $property = \is_array($property) ? $property : [];
            $entries = \is_array($property['additionalProperties'] ?? null) ? $property['additionalProperties'] : null;
            $some = [
                'cords' => 'core',
                'beads' => 'dot',
                'findings' => 'thing',
                'samples' => 'square',
                'knots' => 'figure eight',
            ][$name] ?? '';
            $all += match (true) {
                null !== $entries => self::properties($schema, self::resolved($schema, $entries), $path.'.'.$some),
                'object' === ($property['type'] ?? '') => self::properties($schema, $property, $path),
                default => [$path => $property + self::resolved($schema, $property)],
            };
        }

        return $all;
    }

    /**
     * @param array<mixed> $schema
     * @param array<mixed> $rule
     *
     * @return array<mixed>
     */
    private static function resolved(array $schema, array $rule): array
    {
        $name = \is_string($rule['$ref'] ?? null) ? substr((string) strrchr($rule['$ref'], '/'), 1) : '';
        $defined = \is_array($schema['$defs'] ?? null) ? $schema['$defs'][$name] ?? null : null;

        return \is_array($defined) ? $defined : $rule;
    }

    /**
     * @param array<mixed> $rule of a single value
     *
     * @return iterable<string, array{mixed, bool}> values by what they are, and whether they are taken
     */
    private static function tries(array $rule): iterable
    {
        foreach (\is_array($rule['enum'] ?? null) ? $rule['enum'] : [] as $case) {
            yield json_encode($case, \JSON_THROW_ON_ERROR) => [$case, true];
        }
        if (isset($rule['enum'])) {
            yield 'none of them' => ['nonsense', false];
        }
        foreach (['minimum' => -1, 'maximum' => 1] as $bound => $out) {
            if (\is_int($rule[$bound] ?? null)) {
                yield $bound => [$rule[$bound], true];
                yield 'beyond its '.$bound => [$rule[$bound] + $out, false];
            }
        }
        foreach (['least' => -0.05, 'most' => 0.05] as $bound => $out) {
            if (\is_string($rule[$bound] ?? null)) {
                $length = Length::parse($rule[$bound], Unit::Millimetre)->millimetres;
                yield $bound => [$rule[$bound], true];
                yield 'beyond its '.$bound => [($length + $out).' mm', false];
            }
        }
        if (\is_string($rule['pattern'] ?? null)) {
            yield 'a colour' => ['#12abEF', true];
            yield 'no colour' => ['#12abE', false];
        }
    }
}
