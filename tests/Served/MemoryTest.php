<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

/**
 * How much memory answers take, by what PHP itself says at the end of each.
 */
final class MemoryTest extends ServedCase
{
    private const EDIT = 32;
    private const PAGE = 64;

    /**
     * An edit, of sixty parts or of a thousand knots, does with 32 MB.
     */
    public function testAnEditTakesLittle(): void
    {
        $this->migrate();
        $this->serve(1);
        $path = $this->lay();
        $parts = implode(', ', array_map(
            static fn (int $i): string => (1 + $i % 3).' square, gap '.(2 + $i % 5).' mm',
            range(1, 30),
        ));
        foreach ([$parts, '1000 square'] as $pattern) {
            self::assertSame(200, $this->act($path, [['f' => ['pattern' => $pattern]]])[0]);
            self::assertSame(200, $this->act($path, [['f' => ['wearer.girth' => '17.5 cm']]])[0]);
        }
        self::assertSame([], $this->over(self::EDIT));
    }

    /**
     * Any page, and any sheet of paper, does with 64 MB.
     */
    public function testAPageTakesLittle(): void
    {
        $this->migrate();
        self::assertSame(0, $this->console(['rinkel:demo'])[0]);
        $this->serve(1);
        $piece = '/pieces/1';
        $pages = [
            '/', '/new', '/library', '/stock', '/cut?p[]=1&p[]=2', '/orders', '/bench', '/day', '/people', '/log',
            '/knots', '/numbers', '/course', '/samples', '/settings', '/data', $piece, $piece.'/sizes', $piece.'/reach',
            $piece.'/arrange', $piece.'/rehearsal', $piece.'/work.pdf', $piece.'/line.pdf', $piece.'/instructions.pdf',
            $piece.'/plan.json', '/cut/sheet.pdf?p[]=1&p[]=2&p[]=3', '/cut/labels.pdf?p[]=1&p[]=2', '/boards/1',
            '/makings/1', '/orders/1', '/knots/square/card.pdf', '/api/v1/pieces?per=200', '/log.csv',
        ];
        foreach ($pages as $page) {
            self::assertSame(200, $this->ask($page, headers: [])[0], $page);
        }
        self::assertSame([], $this->over(self::PAGE));
    }

    /**
     * Returns a router by which each answer says at its end how much it took.
     */
    protected function router(): string
    {
        $router = $this->folder.'/router.php';
        file_put_contents($router, \sprintf(
            <<<'PHP'
                <?php
                register_shutdown_function(static fn () => file_put_contents(
                    '%s',
                    json_encode([memory_get_peak_usage(true), $_SERVER['REQUEST_URI']])."\n",
                    FILE_APPEND | LOCK_EX,
                ));

                return require '%s/public/router.php';
                PHP,
            $this->folder.'/peaks',
            \dirname(__DIR__, 2),
        ));

        return $router;
    }

    /**
     * @return list<string> answers that took more than so many MB
     */
    private function over(int $most): array
    {
        $lines = file($this->folder.'/peaks', \FILE_IGNORE_NEW_LINES);
        self::assertNotEmpty($lines, 'it is counted');
        $over = [];
        foreach ($lines as $line) {
            $read = json_decode($line, true);
            self::assertIsArray($read);
            [$peak, $page] = $read + [0, ''];
            self::assertGreaterThan(1_000_000, $peak);
            if ($peak > $most * 1_048_576) {
                $over[] = json_encode($page).' '.json_encode($peak);
            }
        }

        return $over;
    }
}
