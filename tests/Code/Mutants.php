<?php

declare(strict_types=1);

namespace Rinkel\Tests\Code;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor;
use PhpParser\NodeVisitor\CloningVisitor;
use PhpParser\NodeVisitor\ParentConnectingVisitor;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;

/**
 * Small faults put into the code one at a time, by a seed: an operator turned, a constant moved, a bound shifted, a
 * statement left out. Tests that are worth their time find them.
 */
final class Mutants
{
    /** Operators and what they are turned into. */
    private const TURNED = [
        Node\Expr\BinaryOp\Plus::class => Node\Expr\BinaryOp\Minus::class,
        Node\Expr\BinaryOp\Minus::class => Node\Expr\BinaryOp\Plus::class,
        Node\Expr\BinaryOp\Mul::class => Node\Expr\BinaryOp\Div::class,
        Node\Expr\BinaryOp\Div::class => Node\Expr\BinaryOp\Mul::class,
        Node\Expr\BinaryOp\Smaller::class => Node\Expr\BinaryOp\SmallerOrEqual::class,
        Node\Expr\BinaryOp\SmallerOrEqual::class => Node\Expr\BinaryOp\Smaller::class,
        Node\Expr\BinaryOp\Greater::class => Node\Expr\BinaryOp\GreaterOrEqual::class,
        Node\Expr\BinaryOp\GreaterOrEqual::class => Node\Expr\BinaryOp\Greater::class,
        Node\Expr\BinaryOp\Identical::class => Node\Expr\BinaryOp\NotIdentical::class,
        Node\Expr\BinaryOp\NotIdentical::class => Node\Expr\BinaryOp\Identical::class,
        Node\Expr\BinaryOp\BooleanAnd::class => Node\Expr\BinaryOp\BooleanOr::class,
        Node\Expr\BinaryOp\BooleanOr::class => Node\Expr\BinaryOp\BooleanAnd::class,
    ];

    /** @var list<string> paths from the root, of what has something to mutate */
    private readonly array $paths;

    /**
     * @param string       $root    of the project
     * @param list<string> $folders
     */
    public function __construct(private readonly string $root, array $folders)
    {
        $paths = [];
        foreach ($folders as $folder) {
            $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
                $root.'/'.$folder,
                \FilesystemIterator::SKIP_DOTS,
            ));
            foreach ($all as $file) {
                if ($file instanceof \SplFileInfo && 'php' === $file->getExtension()) {
                    $paths[] = substr($file->getPathname(), \strlen($root) + 1);
                }
            }
        }
        sort($paths);
        $this->paths = $paths;
    }

    /**
     * Returns one fault: the path, the whole text with it, the line, what it is, and the last line of its statement.
     *
     * @return array{string, string, int, string, int}
     */
    public function one(\Random\Randomizer $chance): array
    {
        while (true) {
            $path = $this->paths[$chance->getInt(0, \count($this->paths) - 1)];
            $text = (string) file_get_contents($this->root.'/'.$path);
            $parser = (new ParserFactory())->createForHostVersion();
            $old = $parser->parse($text) ?? [];
            $new = (new NodeTraverser(new CloningVisitor(), new ParentConnectingVisitor()))->traverse($old);
            $places = array_values((new NodeFinder())->find($new, self::isPlace(...)));
            if ([] === $places) {
                continue;
            }
            $place = $places[$chance->getInt(0, \count($places) - 1)];
            $turned = $place instanceof Node\Expr\BinaryOp ? self::TURNED[$place::class] ?? null : null;
            $what = null === $turned ? self::mutated($place, $chance) : 'an operator is turned';
            if (null !== $turned && $place instanceof Node\Expr\BinaryOp) {
                $new = (new NodeTraverser(self::instead($place, new $turned($place->left, $place->right))))->traverse($new);
            }
            $mutant = (new Standard())->printFormatPreserving($new, $old, $parser->getTokens());
            if ($mutant !== $text) {
                return [$path, $mutant, self::from($place), $what, self::to($place)];
            }
        }
    }

    /**
     * Returns the first line of the statement in which a place stands: that is where it is noted that it ran.
     */
    private static function from(Node $node): int
    {
        return self::statement($node)?->getStartLine() ?? $node->getStartLine();
    }

    private static function to(Node $node): int
    {
        return self::statement($node)?->getEndLine() ?? $node->getEndLine();
    }

    private static function statement(Node $node): ?Node
    {
        while (!$node instanceof Node\Stmt && !$node instanceof Node\MatchArm) {
            $node = $node->getAttribute('parent');
            if (!$node instanceof Node) {
                return null;
            }
        }

        return $node instanceof Node\Stmt\ClassLike || $node instanceof Node\Stmt\If_ || $node instanceof Node\Stmt\ClassMethod
            ? null : $node;
    }

    private static function isPlace(Node $node): bool
    {
        // What an attribute says of a column the default database does not ask for.
        for ($above = $node->getAttribute('parent'); $above instanceof Node; $above = $above->getAttribute('parent')) {
            if ($above instanceof Node\Attribute) {
                return false;
            }
        }
        $isConstant = ($node instanceof Node\Scalar\Int_ || $node instanceof Node\Scalar\Float_)
            && !$node->getAttribute('parent') instanceof Node\DeclareItem;
        $isCall = $node instanceof Node\Stmt\Expression
            && ($node->expr instanceof Node\Expr\MethodCall || $node->expr instanceof Node\Expr\StaticCall
                || $node->expr instanceof Node\Expr\AssignOp || $node->expr instanceof Node\Expr\FuncCall);

        return isset(self::TURNED[$node::class]) || $isConstant || $isCall;
    }

    private static function mutated(Node $node, \Random\Randomizer $chance): string
    {
        if ($node instanceof Node\Scalar\Int_) {
            $old = $node->value;
            $node->value += 0 === $chance->getInt(0, 1) && $old > 0 ? -1 : 1;
            $node->setAttribute('rawValue', (string) $node->value);

            return $old.' is '.$node->value;
        }
        if ($node instanceof Node\Scalar\Float_) {
            $old = $node->value;
            $node->value = 0.0 === $old ? 1.0 : $old * 1.5;
            $node->setAttribute('rawValue', var_export($node->value, true));

            return $old.' is '.$node->value;
        }
        if ($node instanceof Node\Stmt\Expression) {
            $node->expr = new Node\Expr\ConstFetch(new Node\Name('null'));

            return 'a statement is left out';
        }

        return '';
    }

    /**
     * Returns what puts one node in the place of another.
     */
    private static function instead(Node $old, Node $new): NodeVisitor
    {
        return new class($old, $new) extends NodeVisitorAbstract {
            public function __construct(private readonly Node $old, private readonly Node $new) {}

            public function leaveNode(Node $node): ?Node
            {
                return $node === $this->old ? $this->new : null;
            }
        };
    }
}
