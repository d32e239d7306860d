<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

use Rinkel\Tests\Core\Chance;

/**
 * Whatever is sent to whatever address: never an error of the server, and nothing in its log.
 */
final class FuzzTest extends ServedCase
{
    public function testNoRequestIsAnsweredWithAnError(): void
    {
        $this->migrate();
        $this->serve(2);
        $path = $this->lay();
        $this->ask('/people', ['name' => 'Ottoline', 'wrist' => '15.8', 'unit' => 'cm']);
        $chance = new Chance(20261126);
        $paths = [
            $path, $path.'/duplicate', $path.'/archive', $path.'/restore', $path.'/piece.json', '/', '/new', '/keys', '/people', '/people/1', '/people/1/archive', '/people/1/restore', '/pieces',
            '/import', '/import/lay', '/data', '/data/rinkel.zip', '/data/take', '/scheme', '/pieces/0', '/pieces/'.str_repeat('9', 18), '/pieces/'.str_repeat('9', 30), '/pieces/%D9%A1', '/%00', '/pieces/1%00', '/build/%00', '/%ff', '/..%2f..%2fetc/passwd', '/build/../../.env', '//x', '/?%00=%00',
        ];
        for ($i = 0; $i < 280; ++$i) {
            $address = $chance->of($paths).($chance->oneIn(3) ? '?'.$this->query($chance) : '');
            $post = $chance->oneIn(2) ? null : $this->form($chance);
            $headers = array_values(
                array_filter(
                    [
                        $chance->oneIn(2) ? 'HX-Request: true' : '',
                        $chance->oneIn(4) ? 'Cookie: scheme[]=x; scheme='.$this->text($chance, 20) : '',
                        $chance->oneIn(4) ? 'Referer: '.$chance->of(
                            ['http://127.0.0.1//evil', 'x', 'http://127.0.0.1/?%00'],
                        ) : '',
                        $chance->oneIn(9) ? 'X-HTTP-Method-Override: DELETE' : '',
                    ],
                    static fn (string $header): bool => '' !== $header,
                ),
            );
            [$status, $body] = $this->ask(
                $address,
                $post,
                array_map(static fn (string $header): string => str_replace(["\r", "\n", "\0"], '', $header), $headers),
            );
            self::assertTrue(
                $status > 0 && $status < 500,
                \sprintf(
                    '%d for %s with %s: %s',
                    $status,
                    $address,
                    mb_substr((string) json_encode($post, \JSON_INVALID_UTF8_SUBSTITUTE), 0, 400),
                    mb_substr($body, 0, 300),
                ),
            );
        }
        $logged = (string) file_get_contents($this->log());
        self::assertStringContainsString('NotFound', $logged, 'it is written to at all');
        self::assertSame(
            '',
            implode(
                "\n",
                array_filter(
                    explode("\n", $logged),
                    static fn (string $line): bool => 1 === preg_match(
                        '/\.(WARNING|ERROR|CRITICAL|ALERT|EMERGENCY)/',
                        $line,
                    ) && !str_contains($line, 'HttpException') && !str_contains($line, 'NotFound') && !str_contains($line, 'BadRequest') && !str_contains($line, 'MethodNotAllowed'),
                ),
            ),
        );
    }

    private function query(Chance $chance): string
    {
        return http_build_query(
            [
                $chance->of(['view', 'zoom', 'at', 'unit', 'put_away', 'archive', 'choose', 'taken']) => $chance->of(
                    ['x', ['a' => ['b']], "\xff", '0', '-1', '99999999999999999999', '1.2.3', "a\0b", ''],
                ),
            ],
        );
    }

    /**
     * @return array<string, mixed>
     */
    private function form(Chance $chance): array
    {
        $form = [];
        for ($i = $chance->whole(0, 6); $i > 0; --$i) {
            $name = $chance->of(
                [
                    'version', 'acts', 'f', 'set', 'do', 'choose', 'over', 'act', 'shown_in', 'typing', 'name',
                    'wrist', 'hand', 'measured', 'unit', 'back', 'place', 'girth', 'person', 'construction',
                    'scheme', 'token', 'take', 'lay', 'documents', 'view', 'zoom', 'at',
                ],
            );
            $form[$name] = $this->value($chance, 0);
        }
        if ($chance->oneIn(3)) {
            $form['acts'] = json_encode(
                array_map(fn (): mixed => $this->value($chance, 0), range(0, $chance->whole(0, 3))),
                \JSON_INVALID_UTF8_SUBSTITUTE,
            );
        }

        return $form;
    }

    private function value(Chance $chance, int $depth): mixed
    {
        return match ($chance->whole(0, $depth > 3 ? 3 : 7)) {
            0, 1 => $this->text($chance, 60),
            2 => $chance->whole(-5, 99),
            3 => $chance->of(
                [
                    'bead-add', 'more @', 'put @ square', 'to 0 1', 'undo', 'take 1', 'cord-drop core',
                    'finding-add nonsense', '1 square x fit', 'square-knot-band', 'cm', '16', 'neck', 'yes',
                ],
            ),
            4 => array_map(fn (): mixed => $this->value($chance, $depth + 1), range(0, $chance->whole(0, 3))),
            5 => [
                'wearer.girth' => $this->value($chance, $depth + 1),
                'pattern' => $this->text($chance, 60),
                'beads.x.hole' => '1',
            ],
            6 => [
                'f' => ['name' => $this->value($chance, $depth + 1), "\xff" => 'x'],
                'do' => $this->value($chance, $depth + 1),
                'id' => $this->text($chance, 30),
                'in' => [],
                'stroke' => 7,
            ],
            default => str_repeat($this->text($chance, 8), $chance->oneIn(20) ? 100_000 : 3),
        };
    }

    private function text(Chance $chance, int $longest): string
    {
        return match ($chance->whole(0, 6)) {
            0 => '',
            1 => "\xff\xfe\x00bad",
            2 => str_repeat('[', $chance->whole(1, 400)),
            3 => "\u{202e}\u{0}\u{a0}漢",
            4 => '{"a":'.str_repeat('{"a":', 40).'1'.str_repeat('}', 41),
            5 => "'; DROP TABLE piece; --",
            default => substr(str_repeat('<script>alert(1)</script>', 5), 0, $chance->whole(0, $longest)),
        };
    }
}
