<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

use PHPUnit\Framework\Attributes\Group;

/**
 * Several tabs at the same moment: one wins, the other is told, nothing is lost.
 */
final class RacesTest extends ServedCase
{
    public function testOfSimultaneousSavesOneWinsAndTheHistoryStaysWhole(): void
    {
        $this->migrate();
        $this->serve();
        $path = $this->lay();
        $won = ['16 cm'];
        for ($round = 1; $round <= 20; ++$round) {
            $version = $this->version($path);
            $answers = $this->together(
                array_map(
                    static fn (int $tab): array => [
                        'acts' => json_encode(
                            [
                                [
                                    'id' => "r{$round}-{$tab}",
                                    'in' => 'cm',
                                    'f' => [
                                        'wearer.girth' => 16 + $round / 10 .'',
                                        'name' => "Round {$round}, tab {$tab}",
                                    ],
                                ],
                            ],
                        ),
                        'version' => $version,
                    ],
                    [1, 2, 3],
                ),
                $path,
            );
            $statuses = array_column($answers, 0);
            sort($statuses);
            self::assertSame([200, 409, 409], $statuses, 'round '.$round);
            foreach ($answers as [$status, $body]) {
                self::assertStringContainsString(
                    409 === $status ? 'This piece was changed in another tab' : 'data-state="kept"',
                    $body,
                );
                self::assertStringNotContainsString('Both versions are the same now.', $body);
            }
            $won[] = 16 + $round / 10 .' cm';
        }
        // Every save that was acknowledged is in the history.
        for ($round = 20; $round > 0; --$round) {
            self::assertStringContainsString('value="'.$won[$round].'"', $this->ask($path)[1]);
            self::assertSame(200, $this->act($path, [['do' => 'undo']])[0]);
        }
        self::assertStringContainsString('value="16 cm"', $this->ask($path)[1]);
    }

    public function testTwoFaultyDraftsAtOnceAreNoErrorPage(): void
    {
        $this->migrate();
        $this->serve();
        $path = $this->lay();
        for ($round = 1; $round <= 15; ++$round) {
            $version = $this->version($path);
            $answers = $this->together(
                array_map(
                    static fn (int $tab): array => [
                        'acts' => json_encode(
                            [
                                [
                                    'id' => "d{$round}-{$tab}",
                                    'in' => 'cm',
                                    'f' => ['wearer.girth' => "no {$round} {$tab}"],
                                ],
                            ],
                        ),
                        'version' => $version,
                    ],
                    [1, 2],
                ),
                $path,
            );
            $statuses = array_column($answers, 0);
            sort($statuses);
            self::assertSame([409, 422], $statuses);
        }
        self::assertStringContainsString('value="no 15 ', $this->ask($path)[1]);
    }

    public function testAnActSentAgainIsDoneOnce(): void
    {
        $this->migrate();
        $this->serve();
        $path = $this->lay();
        $version = $this->version($path);
        $acts = [
            ['id' => 'once', 'in' => 'cm', 'do' => 'bead-add'],
            ['id' => 'and-this', 'in' => 'cm', 'f' => ['wearer.girth' => '17']],
        ];
        foreach ([1, 2, 3] as $time) {
            [$status, $body] = $this->ask($path, ['acts' => json_encode($acts), 'version' => $version]);
            self::assertSame(200, $status, 'as if the answer had been lost, time '.$time);
            self::assertSame(1, substr_count($body, 'id="stuff-bead-'));
        }
        // With a further act behind it the same.
        [$status, $body] = $this->ask(
            $path,
            [
                'acts' => json_encode([...$acts, ['id' => 'further', 'in' => 'cm', 'do' => 'bead-add']]),
                'version' => $version,
            ],
        );
        self::assertSame([200, 2], [$status, substr_count($body, 'id="stuff-bead-')]);
    }

    #[Group('slow')]
    public function testWhatWasAcknowledgedSurvivesAKilledServer(): void
    {
        $this->migrate();
        $path = null;
        $acknowledged = [];
        for ($round = 1; $round <= 3; ++$round) {
            $this->serve();
            $path ??= $this->lay();
            for ($i = 0; $i < 6; ++$i) {
                $girth = 100 + 10 * $round + $i.' mm';
                if (200 === $this->act($path, [['f' => ['wearer.girth' => $girth]]])[0]) {
                    $acknowledged[] = 10 + $round + $i / 10 .' cm';
                }
            }
            // In the middle of further saves.
            $this->together(
                array_fill(
                    0,
                    4,
                    [
                        'acts' => json_encode(
                            [['id' => bin2hex(random_bytes(4)), 'in' => 'cm', 'f' => ['name' => 'Unheard '.$round]]],
                        ),
                        'version' => $this->version($path),
                    ],
                ),
                $path,
                killAfter: 16_000 * $round,
            );
        }
        $this->serve();
        $path = (string) $path;
        self::assertGreaterThan(15, \count($acknowledged));
        $seen = [];
        for ($i = 0; $i < 32; ++$i) {
            preg_match('/id="wearer-girth"[^>]*value="([^"]+)"/', $this->ask($path)[1], $match);
            $seen[] = $match[1] ?? '';
            $this->act($path, [['do' => 'undo']]);
        }
        self::assertSame(
            array_reverse($acknowledged),
            array_values(array_intersect(array_values(array_unique($seen)), $acknowledged)),
            'the history has all of it',
        );
    }

    /**
     * Sends forms at the same moment.
     *
     * @param list<array<string, mixed>> $forms
     * @param int|null                   $killAfter microseconds after which the server is killed
     *
     * @return list<array{int, string}>
     */
    private function together(array $forms, string $path, ?int $killAfter = null): array
    {
        $multi = curl_multi_init();
        $handles = [];
        foreach ($forms as $form) {
            $handle = curl_init($this->address.$path);
            \assert(false !== $handle);
            curl_setopt_array(
                $handle,
                [
                    \CURLOPT_POST => true,
                    \CURLOPT_POSTFIELDS => http_build_query($form),
                    \CURLOPT_RETURNTRANSFER => true,
                    \CURLOPT_HTTPHEADER => ['HX-Request: true', 'Sec-Fetch-Site: same-origin', 'Expect:'],
                    \CURLOPT_TIMEOUT => 20,
                ],
            );
            curl_multi_add_handle($multi, $handle);
            $handles[] = $handle;
        }
        $begun = hrtime(true);
        do {
            curl_multi_exec($multi, $running);
            if (null !== $killAfter && (hrtime(true) - $begun) / 1000 > $killAfter) {
                $this->stop(\SIGKILL);
                $killAfter = null;
            }
            curl_multi_select($multi, 0.002);
        } while ($running > 0);
        $this->stopLate($killAfter);

        return array_map(
            static fn (\CurlHandle $handle): array => [
                (int) curl_getinfo($handle, \CURLINFO_RESPONSE_CODE),
                (string) curl_multi_getcontent($handle),
            ],
            $handles,
        );
    }

    private function stopLate(?int $killAfter): void
    {
        if (null !== $killAfter) {
            $this->stop(\SIGKILL);
        }
    }
}
