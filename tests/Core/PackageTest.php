<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Offers;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\OwnSample;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\PulledKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\KnotReader;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Piece\SampleReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Rehearsal\Rehearsal;
use Rinkel\Core\Svg\PieceDrawing;
use Rinkel\Core\Svg\PlainSvg;
use Rinkel\Core\Tight\KnotName;
use Rinkel\Core\Tight\KnotPuller;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acts;
use Symfony\Component\Process\Process;

/**
 * The core by itself, as a package: its examples run with nothing beside it, and its public API is what is written.
 */
final class PackageTest extends TestCase
{
    private const CORE = __DIR__.'/../../core';

    /** What others may build on. */
    private const API = [
        Act::class, Acts::class, Constructions::class, Cut::class, Draft::class, DrawnWay::class, Fault::class,
        Hand::class, KnotName::class, KnotPuller::class, KnotReader::class, KnownKnots::class, Layout::class,
        Length::class, Message::class, Offers::class, OwnSample::class, Pattern::class, PieceDrawing::class,
        PieceReader::class,
        PieceSpec::class, PieceUnreadable::class, PieceWriter::class, PlainSvg::class, Plan::class, Planner::class,
        PulledKnot::class,
        Rehearsal::class, SampleReader::class, Scene::class, Unit::class,
    ];

    #[Group('golden')]
    public function testItsExamplesPrintWhatStandsUnderThem(): void
    {
        $text = (string) file_get_contents(self::CORE.'/README.md');
        preg_match_all('/```php\n(.*?)```\s+```text\n(.*?)```/s', $text, $examples, \PREG_SET_ORDER);
        self::assertCount(4, $examples);
        foreach ($examples as [, $code, $printed]) {
            $run = new Process(['php', '-r', 'spl_autoload_register(static function (string $class): void {'
                .'if (str_starts_with($class, "Rinkel\\\\Core\\\\")) { require "'.self::CORE.'/"'
                .'.strtr(substr($class, 12), "\\\\", "/").".php"; } }); '.$code]);
            $run->mustRun();
            if (false !== getenv('UPDATE_GOLDEN')) {
                $text = str_replace("```text\n".$printed.'```', "```text\n".$run->getOutput().'```', $text);
                file_put_contents(self::CORE.'/README.md', $text);
                $printed = $run->getOutput();
            }
            self::assertSame($printed, $run->getOutput());
        }
    }

    #[Group('golden')]
    public function testItsPublicApiIsWhatIsWritten(): void
    {
        $lines = [];
        foreach (self::API as $class) {
            $is = new \ReflectionClass($class);
            $lines[] = $class;
            foreach ($is->getReflectionConstants(\ReflectionClassConstant::IS_PUBLIC) as $constant) {
                $lines[] = '    const '.$constant->getName();
            }
            foreach ($is->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
                $lines[] = '    $'.$property->getName().': '.self::type($property->getType());
            }
            foreach ($is->getMethods(\ReflectionMethod::IS_PUBLIC) as $method) {
                if ($method->getDeclaringClass()->isInternal()) {
                    continue;
                }
                $lines[] = '    '.($method->isStatic() ? 'static ' : '').$method->getName().'('.implode(', ', array_map(
                    static fn (\ReflectionParameter $one): string => self::type($one->getType()).' $'.$one->getName()
                        .($one->isOptional() ? ' = …' : ''),
                    $method->getParameters(),
                )).'): '.self::type($method->getReturnType());
            }
        }
        $api = implode("\n", $lines)."\n";
        if (false !== getenv('UPDATE_GOLDEN')) {
            file_put_contents(self::CORE.'/api.txt', $api);
        }
        self::assertSame(file_get_contents(self::CORE.'/api.txt'), $api, 'core/README.md says what a change takes');
    }

    /**
     * Whatever others cannot come to by what they may build on is marked as ours.
     */
    public function testAllElseIsInternal(): void
    {
        $api = (string) file_get_contents(self::CORE.'/api.txt');
        $open = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::CORE)) as $file) {
            \assert($file instanceof \SplFileInfo);
            if ('php' !== $file->getExtension()) {
                continue;
            }
            $path = substr((string) $file->getRealPath(), \strlen((string) realpath(self::CORE)) + 1, -4);
            $class = 'Rinkel\\Core\\'.strtr($path, '/', '\\');
            $isOpen = 1 === preg_match('/'.preg_quote($class, '/').'(?![\\\\\w])/', $api);
            $isOurs = str_contains((string) file_get_contents((string) $file->getRealPath()), '* @internal');
            if ($isOpen === $isOurs) {
                $open[] = $path;
            }
        }
        self::assertSame([], $open);
    }

    public function testItNeedsNothingElse(): void
    {
        $composer = json_decode((string) file_get_contents(self::CORE.'/composer.json'), true);
        self::assertIsArray($composer);
        self::assertSame(['php' => '>=8.2', 'ext-dom' => '*'], $composer['require'] ?? null);
        self::assertSame(['psr-4' => ['Rinkel\Core\\' => '']], $composer['autoload'] ?? null);
    }

    private static function type(?\ReflectionType $type): string
    {
        return null === $type ? 'mixed' : (string) $type;
    }
}
