<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

/** What the tests of this subject share. */
trait WrittenShop
{
    private const SHOP = <<<'JSON'
        {
          "format": "regimen-workshop/1", "timezone": "Europe/Berlin", "now": "2026-03-27T13:00",
          "closed": ["2026-04-03"],
          "people": [
            {"id": "one", "name": "First", "skills": ["wood", "glue"], "hours": {"monday": "8-12, 12:30-17", "tuesday": "8-12, 12:30-17", "friday": "8-12, 12:30-17"}, "off": ["2026-03-30"]},
            {"id": "two", "skills": ["wood"], "hours": {}}
          ],
          "stations": [{"id": "saw"}],
          "fixtures": [{"id": "clamps", "capacity": 2}],
          "builds": [
            {"id": "A", "promise": {"date": "2026-03-31", "kind": "immovable"}, "operations": [
              {"id": "A1", "name": "saw", "labour": 60, "setUp": 15, "skill": "wood", "station": "saw", "pieces": ["body"], "done": true},
              {"id": "A2", "name": "glue", "labour": 90, "hold": 1440, "skill": "glue", "fixture": {"id": "clamps", "count": 2}, "pieces": ["body"], "after": [{"id": "A1"}], "oneSitting": true},
              {"id": "A3", "name": "plane", "labour": 120, "skill": "wood", "station": "saw", "pieces": ["body"], "after": [{"id": "A2", "least": 30}]}
            ]},
            {"id": "B", "operations": [
              {"id": "B1", "labour": 30, "skill": "glue", "fixture": {"id": "clamps"}, "earliest": "2026-03-27", "person": "one"},
              {"id": "B2", "labour": 30, "skill": "magic"}
            ]}
          ]
        }
        JSON;

    private const SETTLED = <<<'JSON'
        {
          "format": "regimen-workshop/1", "timezone": "Europe/Berlin", "now": "2026-03-18T08:00",
          "weights": {"late": 500, "frozenMinutes": 60},
          "people": [
            {"id": "one", "skills": ["wood"], "speeds": {"wood": 200}, "hours": {"wednesday": "8-12", "thursday": "8-12"},
             "longer": [{"from": "2026-03-18", "to": "2026-03-18", "minutes": 60}],
             "away": [{"from": "2026-03-18T09:00", "to": "2026-03-18T10:00", "because": "an errand"}]}
          ],
          "stations": [{"id": "router", "down": [{"from": "2026-03-18T10:00", "to": "2026-03-18T11:00", "because": "new bearings"}]}, {"id": "air", "capacity": 9}],
          "builds": [
            {"id": "A", "operations": [
              {"id": "A1", "setUp": 20, "setUpKey": "fence", "labour": 40, "skill": "wood", "station": "router", "order": "2026-01-01"},
              {"id": "A2", "setUp": 20, "setUpKey": "fence", "labour": 40, "skill": "wood", "station": "router", "after": [{"id": "A1", "most": 30, "sanding": 10}]},
              {"id": "A3", "labour": 60, "skill": "wood", "pin": {"person": "one", "day": "2026-03-19", "after": "A2"}, "needs": ["air"]},
              {"id": "A4", "labour": 20, "skill": "wood", "closes": "2026-03-18T08:00", "sanding": 10, "told": {"person": "one", "start": "2026-03-18T08:30"}}
            ]}
          ]
        }
        JSON;
}
