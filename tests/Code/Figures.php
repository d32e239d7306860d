<?php

declare(strict_types=1);

namespace Rinkel\Tests\Code;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/**
 * The figures of the code: how large its parts are, and which of them know each other.
 */
final class Figures
{
    private const ROOT = __DIR__.'/../..';

    /** Positional arguments of a constructor beyond which nobody tells them apart. */
    public const ARGUMENTS = 8;

    /** Registries: each argument is one of the same kind. */
    private const LISTS = [
        'core/Closure/KnownClosures.php', 'core/Construction/Constructions.php', 'core/Knot/KnownKnots.php',
        'core/Lesson/Lessons.php',
    ];

    public const METHOD_LINES = 40;
    public const METHOD_TOKENS = 150;
    public const FILE_LINES = 250;
    public const TEMPLATE_COLUMNS = 160;

    /** A class longer than this has a test of its own. */
    public const TESTED_LINES = 60;

    /** So many tests of a type in one method are a ladder. */
    private const LADDER = 3;

    /** @var array<string, array{string, array<Node>}> by path from the root: its text and what it parses to */
    private array $files = [];

    public function __construct()
    {
        $parser = (new ParserFactory())->createForHostVersion();
        foreach (['core', 'src'] as $folder) {
            foreach (self::filesIn($folder, 'php') as $path) {
                $text = (string) file_get_contents(self::ROOT.'/'.$path);
                $this->files[$path] = [$text, $parser->parse($text) ?? []];
            }
        }
    }

    /**
     * @return array<string, int|float> by what is counted
     */
    public function all(): array
    {
        return [
            'lines of core' => $this->lines('core'),
            'lines of src' => $this->lines('src'),
            'lines of tests' => array_sum(array_map(self::linesOf(...), self::filesIn('tests', 'php'))),
            'packages of src in cycles' => \count(array_merge(...$this->cycles(), ...[[]])),
            'mutually dependent pairs in src' => \count($this->pairs()),
            'constructors with more than '.self::ARGUMENTS.' arguments' => \count($this->wideConstructors()),
            'calls with more than '.self::ARGUMENTS.' arguments by place' => \count($this->countedArguments()),
            'methods of more than '.self::METHOD_LINES.' lines' => \count($this->longMethods()),
            'methods of more than '.self::METHOD_TOKENS.' tokens' => \count($this->heavyMethods()),
            'files of more than '.self::FILE_LINES.' lines' => \count($this->longFiles()),
            'instanceof' => $this->count(Node\Expr\Instanceof_::class),
            'ladders of instanceof' => \count($this->ladders()),
            'class names used more than once' => \count($this->sharedNames()),
            'is_string and is_array in src' => $this->typeChecks(),
            'template lines over '.self::TEMPLATE_COLUMNS.' columns' => \count($this->wideTemplateLines()),
            'classes over '.self::TESTED_LINES.' lines without a test' => \count($this->untested()),
            'share of classes with a test, %' => $this->tested(),
            'lines of scripts' => array_sum(array_map(self::linesOf(...), self::filesIn('assets', 'js'))),
            'rules of style' => array_sum(array_map(
                static fn (string $path): int => substr_count((string) file_get_contents(self::ROOT.'/'.$path), '{'),
                self::filesIn('assets', 'css'),
            )),
        ];
    }

    /**
     * Returns the packages of src that know each other in a circle, each circle for itself.
     *
     * @return list<list<string>>
     */
    public function cycles(): array
    {
        $knows = $this->dependencies();
        $reach = [];
        foreach (array_keys($knows) as $package) {
            $reach[$package] = self::reached($knows, $package);
        }
        $cycles = [];
        foreach (array_keys($knows) as $package) {
            if (isset($reach[$package][$package])) {
                $circle = array_filter(
                    array_keys($reach[$package]),
                    static fn (string $other): bool => isset($reach[$other][$package]),
                );
                sort($circle);
                $cycles[implode(' ', $circle)] = $circle;
            }
        }

        return array_values($cycles);
    }

    /**
     * @return list<string> "Board, Piece"
     */
    public function pairs(): array
    {
        $knows = $this->dependencies();
        $pairs = [];
        foreach ($knows as $package => $others) {
            foreach (array_keys($others) as $other) {
                if ($package < $other && isset($knows[$other][$package])) {
                    $pairs[] = $package.', '.$other;
                }
            }
        }

        return $pairs;
    }

    /**
     * Returns which packages of src each knows, and by which of its classes first.
     *
     * @return array<string, array<string, string>>
     */
    public function dependencies(): array
    {
        $knows = [];
        foreach ($this->files as $path => [$text]) {
            $package = self::package($path);
            if (null === $package) {
                continue;
            }
            $knows[$package] ??= [];
            preg_match_all('/Rinkel\\\\App\\\\(\w+)\\\\/', $text, $found);
            foreach (array_unique($found[1]) as $other) {
                if ($other !== $package && is_dir(self::ROOT.'/src/'.$other)) {
                    $knows[$package][$other] ??= $path;
                }
            }
        }

        return $knows;
    }

    /**
     * @return array<string, int> arguments by class
     */
    public function wideConstructors(): array
    {
        $wide = [];
        foreach ($this->methods() as [$name, $method]) {
            if ('__construct' === $method->name->toString() && \count($method->params) > self::ARGUMENTS) {
                $wide[$name] = \count($method->params);
            }
        }
        arsort($wide);

        return $wide;
    }

    /**
     * Returns the calls that make something of more arguments than anybody tells apart by their place: they are to be
     * named.
     *
     * @return list<string> "core/Cutting/Cut.php:92"
     */
    public function countedArguments(): array
    {
        $calls = [];
        $finder = new NodeFinder();
        foreach ($this->files as $path => [, $nodes]) {
            foreach ($finder->findInstanceOf($nodes, Node\Expr\New_::class) as $new) {
                $counted = array_filter($new->args, static fn (Node $arg): bool => $arg instanceof Node\Arg && null === $arg->name);
                if (\count($counted) > self::ARGUMENTS && !\in_array($path, self::LISTS, true)) {
                    $calls[] = $path.':'.$new->getStartLine();
                }
            }
        }

        return $calls;
    }

    /**
     * @return array<string, int> lines by method
     */
    public function longMethods(): array
    {
        return $this->over(
            self::METHOD_LINES,
            static fn (Node\Stmt\ClassMethod $method): int => $method->getEndLine() - $method->getStartLine() + 1,
        );
    }

    /**
     * @return array<string, int> tokens by method, comments and spaces aside
     */
    public function heavyMethods(): array
    {
        return $this->over(
            self::METHOD_TOKENS,
            static fn (Node\Stmt\ClassMethod $method, string $text): int => self::tokens(implode("\n", \array_slice(
                explode("\n", $text),
                $method->getStartLine() - 1,
                $method->getEndLine() - $method->getStartLine() + 1,
            ))),
        );
    }

    /**
     * @return array<string, int> lines by path
     */
    public function longFiles(): array
    {
        $long = array_filter(
            array_map(static fn (array $file): int => substr_count($file[0], "\n"), $this->files),
            static fn (int $lines): bool => $lines > self::FILE_LINES,
        );
        arsort($long);

        return $long;
    }

    /**
     * @return array<string, int> tests of a type by method
     */
    public function ladders(): array
    {
        $ladders = [];
        $finder = new NodeFinder();
        foreach ($this->methods() as [$name, $method]) {
            $count = \count($finder->findInstanceOf($method, Node\Expr\Instanceof_::class));
            if ($count >= self::LADDER) {
                $ladders[$name.'::'.$method->name] = $count;
            }
        }
        arsort($ladders);

        return $ladders;
    }

    /**
     * @return array<string, list<string>> paths by the name that they share
     */
    public function sharedNames(): array
    {
        $byName = [];
        foreach (array_keys($this->files) as $path) {
            $byName[basename($path, '.php')][] = $path;
        }

        return array_filter($byName, static fn (array $paths): bool => \count($paths) > 1);
    }

    /**
     * @return list<string> "piece/_cuts.html.twig:12"
     */
    public function wideTemplateLines(): array
    {
        $wide = [];
        foreach (self::filesIn('templates', 'twig') as $path) {
            foreach (file(self::ROOT.'/'.$path) ?: [] as $i => $line) {
                if (mb_strlen(rtrim($line)) > self::TEMPLATE_COLUMNS) {
                    $wide[] = substr($path, \strlen('templates/')).':'.($i + 1);
                }
            }
        }

        return $wide;
    }

    /**
     * @return array<string, int> lines by the path of a class that no test mirrors
     */
    public function untested(): array
    {
        $untested = [];
        foreach ($this->files as $path => [$text]) {
            $lines = substr_count($text, "\n");
            if ($lines > self::TESTED_LINES && self::isTestable($path, $text) && !self::hasTest($path)) {
                $untested[$path] = $lines;
            }
        }
        arsort($untested);

        return $untested;
    }

    private function tested(): float
    {
        $all = array_filter(
            array_keys($this->files),
            fn (string $path): bool => self::isTestable($path, $this->files[$path][0]),
        );

        return round(100 * \count(array_filter($all, self::hasTest(...))) / max(1, \count($all)), 1);
    }

    /**
     * @return \Generator<array{string, Node\Stmt\ClassMethod, string}> class, method, text of the file
     */
    private function methods(): \Generator
    {
        $finder = new NodeFinder();
        foreach ($this->files as $path => [$text, $nodes]) {
            foreach ($finder->findInstanceOf($nodes, Node\Stmt\ClassMethod::class) as $method) {
                yield [substr($path, 0, -\strlen('.php')), $method, $text];
            }
        }
    }

    /**
     * @param callable(Node\Stmt\ClassMethod, string): int $measure
     *
     * @return array<string, int>
     */
    private function over(int $most, callable $measure): array
    {
        $over = [];
        foreach ($this->methods() as [$name, $method, $text]) {
            $size = $measure($method, $text);
            if ($size > $most) {
                $over[$name.'::'.$method->name] = $size;
            }
        }
        arsort($over);

        return $over;
    }

    /**
     * @param class-string<Node> $of
     */
    private function count(string $of): int
    {
        $finder = new NodeFinder();

        return array_sum(array_map(
            static fn (array $file): int => \count($finder->findInstanceOf($file[1], $of)),
            $this->files,
        ));
    }

    private function typeChecks(): int
    {
        $count = 0;
        foreach ($this->files as $path => [$text]) {
            $count += null === self::package($path) ? 0 : (int) preg_match_all('/\bis_(string|array)\(/', $text);
        }

        return $count;
    }

    private function lines(string $folder): int
    {
        return array_sum(array_map(
            static fn (string $path): int => str_starts_with($path, $folder.'/') ? self::linesOf($path) : 0,
            array_keys($this->files),
        ));
    }

    private static function linesOf(string $path): int
    {
        return substr_count((string) file_get_contents(self::ROOT.'/'.$path), "\n");
    }

    private static function package(string $path): ?string
    {
        return 1 === preg_match('~^src/(\w+)/~', $path, $match) ? $match[1] : null;
    }

    /**
     * @param array<string, array<string, string>> $knows
     *
     * @return array<string, true>
     */
    private static function reached(array $knows, string $from): array
    {
        $reached = [];
        $open = array_keys($knows[$from] ?? []);
        while (null !== $next = array_pop($open)) {
            if (!isset($reached[$next])) {
                $reached[$next] = true;
                array_push($open, ...array_keys($knows[$next] ?? []));
            }
        }

        return $reached;
    }

    private static function tokens(string $text): int
    {
        return \count(array_filter(
            \PhpToken::tokenize('<?php '.$text),
            static fn (\PhpToken $token): bool => !$token->isIgnorable(),
        ));
    }

    /**
     * Returns whether there is something in it that a test could find wrong.
     */
    private static function isTestable(string $path, string $text): bool
    {
        // What has no method but its constructor only holds values: there is nothing to test.
        $methods = preg_match_all('/\bfunction (?!__construct\b)\w+\(/', $text);

        return !str_contains($path, '/Exception/') && $methods > 0
            && 1 === preg_match('/^(?:final |abstract |readonly )*class \w/m', $text)
            && 0 === preg_match('/^final (?:readonly )?class \w+ extends \w*(?:Exception|Refusal|Failure)\b/m', $text);
    }

    private static function hasTest(string $path): bool
    {
        $mirror = preg_replace(['~^core/~', '~^src/~', '~\.php$~'], ['tests/Core/', 'tests/App/', 'Test.php'], $path);

        return is_file(self::ROOT.'/'.$mirror);
    }

    /**
     * @return list<string> paths from the root
     */
    private static function filesIn(string $folder, string $extension): array
    {
        $paths = [];
        $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            self::ROOT.'/'.$folder,
            \FilesystemIterator::SKIP_DOTS,
        ));
        foreach ($all as $file) {
            if ($file instanceof \SplFileInfo && $extension === $file->getExtension()) {
                $paths[] = substr($file->getPathname(), \strlen(self::ROOT) + 1);
            }
        }
        sort($paths);

        return $paths;
    }
}
