<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\People;

use Rinkel\Tests\App\WebCase;

final class PeopleControllerTest extends WebCase
{
    public function testAPersonIsMeasuredAndMeasuredAgain(): void
    {
        $page = $this->browser->request('GET', '/people');
        self::assertStringContainsString(
            'No one here yet. Add someone and their measurements.',
            self::text($page, '[data-empty]'),
        );
        self::assertCount(5, $page->filter('.how svg'));
        $this->browser->submit(
            $page->filter('.person-form')->form(['name' => 'Ottoline', 'wrist' => '15.8', 'hand' => '7 3/4 in']),
        );
        $page = $this->browser->followRedirect();

        self::assertSame('Ottoline', self::text($page, '.person h2'));
        self::assertStringContainsString('15.8 cm', self::text($page, '.measures td'));
        self::assertStringContainsString('19.7 cm', self::text($page, '.measures td'));
        $this->browser->submit($page->filter('.person .person-form')->form(['wrist' => '16']));
        $page = $this->browser->followRedirect();
        self::assertCount(2, $page->filter('.measures tbody tr'), 'the history stays');
        self::assertStringContainsString('16 cm', $page->filter('.measures tbody tr')->first()->text());
        self::assertStringContainsString(
            '19.7 cm',
            $page->filter('.measures tbody tr')->first()->text(),
            'what was not measured again stays as it was',
        );
    }

    public function testWhatIsTypedWrongIsToldAndKept(): void
    {
        $page = $this->browser->request(
            'POST',
            '/people',
            ['name' => '', 'wrist' => '7 1/0', 'hand' => '3 m', 'unit' => 'cm'],
        );

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString(
            'Enter a name, so you can find this person again.',
            self::text($page, '#new-name-fault'),
        );
        self::assertStringContainsString(
            'divides by zero. Try 7 1/2 in or 19 cm.',
            self::text($page, '#new-wrist-fault'),
        );
        self::assertStringContainsString(
            'A hand at its widest of 300 cm? Enter 8 cm to 50 cm.',
            self::text($page, '#new-hand-fault'),
        );
        self::assertSame('7 1/0', $page->filter('#new-wrist')->attr('value'));
        $this->browser->request('POST', '/people', ['name' => ['x'], 'wrist' => ['1']]);
        self::assertResponseStatusCodeSame(422);
    }

    /**
     * What is known of somebody besides her measures is kept, a child is told as one, and what is made for her is in
     * sight; a form without it leaves it as it is.
     */
    public function testWhatIsKnownOfSomebodyIsInSight(): void
    {
        $year = (int) date('Y') - 7;
        $this->browser->request('POST', '/people', [
            'name' => 'Wies', 'wrist' => '13.5', 'measured' => 'snug', 'unit' => 'cm', 'about' => '1',
            'born' => $year.'-01', 'allergies' => 'Nickel', 'contact' => 'Quay 2', 'notes' => 'Likes green.',
        ]);
        self::assertResponseStatusCodeSame(303);
        $piece = $this->lay(['name' => 'For Wies', 'for' => 'Wies', 'pattern' => '12 square']);
        $this->browser->request('POST', '/pieces/'.$piece->id().'/finish', ['l' => ['sure' => '1']]);
        $page = $this->browser->request('GET', '/people');
        $said = $page->filter('.person')->text();
        foreach (['7 years old', 'A child', 'Nickel', 'Quay 2', 'Likes green.', 'For Wies'] as $part) {
            self::assertStringContainsString($part, $said);
        }
        self::assertCount(0, $page->filter('.measure-line'), 'one measure is no line');
        $id = (int) preg_replace('/\D/', '', (string) $page->filter('.person')->attr('id'));
        $this->browser->request('POST', '/people/'.$id, ['name' => 'Wies', 'wrist' => '14', 'measured' => 'snug', 'unit' => 'cm']);
        $page = $this->browser->request('GET', '/people');
        self::assertStringContainsString('Nickel', $page->filter('.person')->text());
        self::assertGreaterThan(0, $page->filter('.measure-line circle')->count());

        $this->browser->request('POST', '/people/'.$id, ['name' => 'Wies', 'about' => '1', 'born' => 'once', 'unit' => 'cm', 'measured' => 'snug']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString(
            self::says('said.month-wanted'),
            $this->browser->getCrawler()->filter('#person-'.$id.'-born-fault')->text(),
        );
        $new = $this->browser->request('GET', '/new?person='.$id);
        self::assertGreaterThan(0, $new->filter('option[selected][value="'.$id.'"]')->count());
    }

    public function testPuttingAwayCanBeUndone(): void
    {
        $this->browser->request('POST', '/people', ['name' => 'Ivo <b>', 'wrist' => '14.7']);
        $page = $this->browser->followRedirect();
        self::assertCount(0, $page->filter('.person b'), 'escaped');
        $this->browser->submit($page->filter('.person form')->last()->form());
        $page = $this->browser->followRedirect();
        self::assertCount(0, $page->filter('.person table'));
        $this->browser->submit($page->filter('.notice form')->form());
        self::assertCount(1, $this->browser->followRedirect()->filter('.person table'));
        // Put away, and fetched back another day.
        $this->browser->submit($this->browser->request('GET', '/people')->filter('.person form')->last()->form());
        $page = $this->browser->request('GET', '/people');
        self::assertSame('One person archived', self::text($page, '#people-archived summary'));
        $this->browser->submit($page->filter('#people-archived form')->form());
        self::assertCount(1, $this->browser->followRedirect()->filter('.person table'));
        $this->browser->request('POST', '/people/999999/archive');
        self::assertResponseStatusCodeSame(404);
    }

    public function testMeasuresOfAPieceAreKeptWithoutLeavingIt(): void
    {
        $piece = $this->lay(['wearer.girth' => '17.3 cm']);
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        $this->browser->submit($page->filter('form#remember')->form(['name' => 'Ansgar']));
        self::assertResponseRedirects('/pieces/'.$piece->id(), 303);

        self::assertStringContainsString('Ansgar', self::text($this->browser->followRedirect(), '#put-person'));
        self::assertStringContainsString(
            '17.3 cm',
            self::text($this->browser->request('GET', '/people'), '.measures td'),
        );
    }

    public function testTheUnitIsChosen(): void
    {
        $this->browser->request('POST', '/people', ['name' => 'Bram', 'wrist' => '7', 'unit' => 'in']);
        self::assertResponseRedirects('/people?unit=in', 303);

        self::assertStringContainsString('7 in', self::text($this->browser->followRedirect(), '.measures td'));
    }
}
