// Written by `./regimen types` from routes/web.php. Do not edit: name the route there.
export const addresses = {
    "url": "http://localhost",
    "port": null,
    "defaults": [],
    "routes": {
        "shop.new": {
            "uri": "new-shop",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "sign-in": {
            "uri": "sign-in",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "sign-in.second": {
            "uri": "sign-in/second",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "password.link": {
            "uri": "new-password/{token}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "token": "[A-Za-z0-9]{40}"
            },
            "parameters": [
                "token"
            ]
        },
        "bench.names": {
            "uri": "bench/names",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "bench.names.presses": {
            "uri": "bench/names/presses",
            "methods": [
                "POST"
            ]
        },
        "feed": {
            "uri": "feeds/{token}.ics",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "token": "[A-Za-z0-9]{40}"
            },
            "parameters": [
                "token"
            ]
        },
        "client.page": {
            "uri": "c/{token}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "token": "[A-Za-z0-9]{40}",
                "photograph": "[0-9]{1,9}",
                "decision": "[0-9]{1,9}"
            },
            "parameters": [
                "token"
            ]
        },
        "client.photograph": {
            "uri": "c/{token}/photographs/{photograph}.jpg",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "token": "[A-Za-z0-9]{40}",
                "photograph": "[0-9]{1,9}",
                "decision": "[0-9]{1,9}"
            },
            "parameters": [
                "token",
                "photograph"
            ]
        },
        "client.answer": {
            "uri": "c/{token}/decisions/{decision}",
            "methods": [
                "POST"
            ],
            "wheres": {
                "token": "[A-Za-z0-9]{40}",
                "photograph": "[0-9]{1,9}",
                "decision": "[0-9]{1,9}"
            },
            "parameters": [
                "token",
                "decision"
            ]
        },
        "sign-out": {
            "uri": "sign-out",
            "methods": [
                "POST"
            ]
        },
        "account": {
            "uri": "account",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "account.password": {
            "uri": "account/password",
            "methods": [
                "PUT"
            ]
        },
        "account.bench-code": {
            "uri": "account/bench-code",
            "methods": [
                "PUT"
            ]
        },
        "account.second": {
            "uri": "account/second-factor",
            "methods": [
                "POST"
            ]
        },
        "account.sign-ins": {
            "uri": "account/sign-ins",
            "methods": [
                "DELETE"
            ]
        },
        "account.sign-ins.one": {
            "uri": "account/sign-ins/{signIn}",
            "methods": [
                "DELETE"
            ],
            "wheres": {
                "signIn": "[0-9]{1,9}"
            },
            "parameters": [
                "signIn"
            ]
        },
        "today": {
            "uri": "today",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "horizon": {
            "uri": "horizon",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "plan.week": {
            "uri": "plan/week",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "plan.week.sheet": {
            "uri": "plan/week-{paper}.pdf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "paper"
            ]
        },
        "plan.feeds": {
            "uri": "plan/feeds",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "plan.feeds.one": {
            "uri": "plan/feeds/{feed}",
            "methods": [
                "DELETE"
            ],
            "wheres": {
                "feed": "[0-9]{1,9}"
            },
            "parameters": [
                "feed"
            ],
            "bindings": {
                "feed": "id"
            }
        },
        "operations.why": {
            "uri": "operations/{operation}/why",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "operation": "[0-9]{1,9}"
            },
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "days": {
            "uri": "days",
            "methods": [
                "POST"
            ]
        },
        "builds": {
            "uri": "builds",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "builds.show": {
            "uri": "builds/{build}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "specification": {
            "uri": "builds/{build}/specification/{number?}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "number": "[0-9]{1,9}"
            },
            "parameters": [
                "build",
                "number"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "specification.file": {
            "uri": "builds/{build}/specification/{number}/{file}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "number": "[0-9]{1,9}"
            },
            "parameters": [
                "build",
                "number",
                "file"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "outlines": {
            "uri": "outlines",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "builds.measurements": {
            "uri": "builds/{build}/measurements",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "route": {
            "uri": "builds/{build}/route",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.traveller": {
            "uri": "builds/{build}/traveller-{paper}.pdf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build",
                "paper"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "parts.sheet": {
            "uri": "parts-{paper}.pdf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "paper"
            ]
        },
        "parts": {
            "uri": "parts",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "climate": {
            "uri": "climate",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "climate.file": {
            "uri": "climate.csv",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "climate.sensor": {
            "uri": "climate/sensor",
            "methods": [
                "POST"
            ]
        },
        "operations.clock": {
            "uri": "operations/{operation}/clock",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "operations.hours": {
            "uri": "operations/{operation}/hours",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "operations.finish": {
            "uri": "operations/{operation}/finish",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "operations.end-hold": {
            "uri": "operations/{operation}/end-hold",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "operations.reopen": {
            "uri": "operations/{operation}/reopen",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "clocks.stop": {
            "uri": "clocks/{entry}/stop",
            "methods": [
                "POST"
            ],
            "wheres": {
                "entry": "[0-9]{1,9}"
            },
            "parameters": [
                "entry"
            ]
        },
        "bench": {
            "uri": "bench",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "bench.gentle": {
            "uri": "bench/gentle",
            "methods": [
                "POST"
            ]
        },
        "bench.leave": {
            "uri": "bench/leave",
            "methods": [
                "POST"
            ]
        },
        "operations.photographs": {
            "uri": "operations/{operation}/photographs",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "operations.instruction": {
            "uri": "operations/{operation}/instruction",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "photographs.one": {
            "uri": "photographs/{photograph}.jpg",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "photograph": "[0-9]{1,9}"
            },
            "parameters": [
                "photograph"
            ],
            "bindings": {
                "photograph": "id"
            }
        },
        "bench.presses": {
            "uri": "bench/presses",
            "methods": [
                "POST"
            ]
        },
        "bench.day": {
            "uri": "bench/day",
            "methods": [
                "POST"
            ]
        },
        "bench.seen": {
            "uri": "bench/seen",
            "methods": [
                "POST"
            ]
        },
        "operations.ticks": {
            "uri": "operations/{operation}/ticks",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "bench.away": {
            "uri": "bench/away",
            "methods": [
                "POST"
            ]
        },
        "operations.done": {
            "uri": "operations/{operation}/done",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "operations.wrong": {
            "uri": "operations/{operation}/wrong",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "setbacks": {
            "uri": "setbacks",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "setbacks.one": {
            "uri": "setbacks/{setback}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "setback": "[0-9]{1,9}"
            },
            "parameters": [
                "setback"
            ],
            "bindings": {
                "setback": "id"
            }
        },
        "builds.setbacks": {
            "uri": "builds/{build}/setbacks",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "pieces": {
            "uri": "pieces",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "stores": {
            "uri": "stores",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "stores.parts": {
            "uri": "stores/parts",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "stores.parts.one": {
            "uri": "stores/parts/{part}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "part": "[0-9]{1,9}"
            },
            "parameters": [
                "part"
            ],
            "bindings": {
                "part": "id"
            }
        },
        "stores.parts.figures": {
            "uri": "stores/parts/{part}/figures",
            "methods": [
                "POST"
            ],
            "wheres": {
                "part": "[0-9]{1,9}"
            },
            "parameters": [
                "part"
            ],
            "bindings": {
                "part": "id"
            }
        },
        "stores.parts.use": {
            "uri": "stores/parts/{part}/use",
            "methods": [
                "POST"
            ],
            "wheres": {
                "part": "[0-9]{1,9}"
            },
            "parameters": [
                "part"
            ],
            "bindings": {
                "part": "id"
            }
        },
        "stores.count": {
            "uri": "stores/count",
            "methods": [
                "POST"
            ]
        },
        "stores.lots.open": {
            "uri": "stores/lots/{lot}/open",
            "methods": [
                "POST"
            ],
            "wheres": {
                "lot": "[0-9]{1,9}"
            },
            "parameters": [
                "lot"
            ],
            "bindings": {
                "lot": "id"
            }
        },
        "stores.orders.one": {
            "uri": "stores/orders/{order}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "order": "[0-9]{1,9}"
            },
            "parameters": [
                "order"
            ],
            "bindings": {
                "order": "id"
            }
        },
        "stores.orders.parcel": {
            "uri": "stores/orders/{order}/parcel",
            "methods": [
                "POST"
            ],
            "wheres": {
                "order": "[0-9]{1,9}"
            },
            "parameters": [
                "order"
            ],
            "bindings": {
                "order": "id"
            }
        },
        "chores": {
            "uri": "chores",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "chores.done": {
            "uri": "chores/{chore}/done",
            "methods": [
                "POST"
            ],
            "wheres": {
                "chore": "[0-9]{1,9}"
            },
            "parameters": [
                "chore"
            ],
            "bindings": {
                "chore": "id"
            }
        },
        "stores.labels": {
            "uri": "stores/labels",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "stores.labels.sheet": {
            "uri": "stores/labels-{paper}.pdf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "paper"
            ]
        },
        "stores.labels.print": {
            "uri": "stores/labels/print",
            "methods": [
                "POST"
            ]
        },
        "scan": {
            "uri": "scan",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "label": {
            "uri": "label/{kind}/{name}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "kind": "[a-z]{1,12}",
                "name": "[^/]{1,80}"
            },
            "parameters": [
                "kind",
                "name"
            ]
        },
        "stores.away": {
            "uri": "stores/away",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "stores.away.dispatch": {
            "uri": "stores/away/{work}/dispatch",
            "methods": [
                "POST"
            ],
            "wheres": {
                "work": "[0-9]{1,9}"
            },
            "parameters": [
                "work"
            ],
            "bindings": {
                "work": "id"
            }
        },
        "stores.away.back": {
            "uri": "stores/away/{work}/back",
            "methods": [
                "POST"
            ],
            "wheres": {
                "work": "[0-9]{1,9}"
            },
            "parameters": [
                "work"
            ],
            "bindings": {
                "work": "id"
            }
        },
        "kit.from-stock": {
            "uri": "kit/{line}/from-stock",
            "methods": [
                "POST"
            ],
            "parameters": [
                "line"
            ],
            "bindings": {
                "line": "id"
            }
        },
        "kit.wrong": {
            "uri": "kit/{line}/wrong",
            "methods": [
                "POST"
            ],
            "parameters": [
                "line"
            ],
            "bindings": {
                "line": "id"
            }
        },
        "templates": {
            "uri": "templates",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "templates.once": {
            "uri": "templates/once",
            "methods": [
                "POST"
            ]
        },
        "templates.one": {
            "uri": "templates/{template}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "template": "[0-9]{1,9}"
            },
            "parameters": [
                "template"
            ],
            "bindings": {
                "template": "id"
            }
        },
        "templates.check": {
            "uri": "templates/{template}/check",
            "methods": [
                "POST"
            ],
            "wheres": {
                "template": "[0-9]{1,9}"
            },
            "parameters": [
                "template"
            ],
            "bindings": {
                "template": "id"
            }
        },
        "templates.damage": {
            "uri": "templates/{template}/damage",
            "methods": [
                "POST"
            ],
            "wheres": {
                "template": "[0-9]{1,9}"
            },
            "parameters": [
                "template"
            ],
            "bindings": {
                "template": "id"
            }
        },
        "templates.uses": {
            "uri": "templates/{template}/uses",
            "methods": [
                "POST"
            ],
            "wheres": {
                "template": "[0-9]{1,9}"
            },
            "parameters": [
                "template"
            ],
            "bindings": {
                "template": "id"
            }
        },
        "templates.photographs": {
            "uri": "templates/{template}/photographs",
            "methods": [
                "POST"
            ],
            "wheres": {
                "template": "[0-9]{1,9}"
            },
            "parameters": [
                "template"
            ],
            "bindings": {
                "template": "id"
            }
        },
        "templates.file": {
            "uri": "templates/files/{file}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "file": "[0-9]{1,9}"
            },
            "parameters": [
                "file"
            ],
            "bindings": {
                "file": "id"
            }
        },
        "bits": {
            "uri": "bits",
            "methods": [
                "POST"
            ]
        },
        "bits.sharpened": {
            "uri": "bits/{bit}/sharpened",
            "methods": [
                "POST"
            ],
            "wheres": {
                "bit": "[0-9]{1,9}"
            },
            "parameters": [
                "bit"
            ],
            "bindings": {
                "bit": "id"
            }
        },
        "builds.templates": {
            "uri": "builds/{build}/templates",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "timber": {
            "uri": "timber",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "timber.yard": {
            "uri": "timber/yard",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "timber.yard.sheet": {
            "uri": "timber/yard-{paper}.pdf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "paper"
            ]
        },
        "timber.papers": {
            "uri": "timber/papers",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "timber.table.file": {
            "uri": "timber/boards.csv",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "timber.cutting": {
            "uri": "timber/cutting",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "timber.cutting.file": {
            "uri": "timber/cutting/{file}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "file": "[a-z0-9-]{1,40}\\.(svg|dxf|pdf)"
            },
            "parameters": [
                "file"
            ]
        },
        "timber.cutting.longer": {
            "uri": "timber/cutting/longer",
            "methods": [
                "POST"
            ]
        },
        "timber.one": {
            "uri": "timber/{board}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "board": "[0-9]{1,9}"
            },
            "parameters": [
                "board"
            ],
            "bindings": {
                "board": "id"
            }
        },
        "timber.readings": {
            "uri": "timber/{board}/readings",
            "methods": [
                "POST"
            ],
            "wheres": {
                "board": "[0-9]{1,9}"
            },
            "parameters": [
                "board"
            ],
            "bindings": {
                "board": "id"
            }
        },
        "timber.blanks.readings": {
            "uri": "timber/blanks/{blank}/readings",
            "methods": [
                "POST"
            ],
            "wheres": {
                "blank": "[0-9]{1,9}"
            },
            "parameters": [
                "blank"
            ],
            "bindings": {
                "blank": "id"
            }
        },
        "timber.readings.one": {
            "uri": "timber/readings/{reading}",
            "methods": [
                "DELETE"
            ],
            "wheres": {
                "reading": "[0-9]{1,9}"
            },
            "parameters": [
                "reading"
            ],
            "bindings": {
                "reading": "id"
            }
        },
        "timber.photographs": {
            "uri": "timber/{board}/photographs",
            "methods": [
                "POST"
            ],
            "wheres": {
                "board": "[0-9]{1,9}"
            },
            "parameters": [
                "board"
            ],
            "bindings": {
                "board": "id"
            }
        },
        "timber.defects": {
            "uri": "timber/{board}/defects",
            "methods": [
                "POST"
            ],
            "wheres": {
                "board": "[0-9]{1,9}"
            },
            "parameters": [
                "board"
            ],
            "bindings": {
                "board": "id"
            }
        },
        "timber.defects.one": {
            "uri": "timber/defects/{defect}",
            "methods": [
                "DELETE"
            ],
            "wheres": {
                "defect": "[0-9]{1,9}"
            },
            "parameters": [
                "defect"
            ],
            "bindings": {
                "defect": "id"
            }
        },
        "logbook": {
            "uri": "logbook",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "logbook.sheet": {
            "uri": "logbook-{paper}.pdf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "paper"
            ]
        },
        "logbook.correct": {
            "uri": "logbook/{entry}/correct",
            "methods": [
                "POST"
            ],
            "wheres": {
                "entry": "[0-9]{1,9}"
            },
            "parameters": [
                "entry"
            ],
            "bindings": {
                "entry": "id"
            }
        },
        "builds.facts": {
            "uri": "builds/{build}/facts",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.facts.sheet": {
            "uri": "builds/{build}/facts-{paper}.pdf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build",
                "paper"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "photographs.small": {
            "uri": "photographs/{photograph}-small.jpg",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "photograph": "[0-9]{1,9}"
            },
            "parameters": [
                "photograph"
            ],
            "bindings": {
                "photograph": "id"
            }
        },
        "operations.note": {
            "uri": "operations/{operation}/note",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "gate": {
            "uri": "operations/{operation}/gate",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "gate.readings": {
            "uri": "operations/{operation}/gate/readings",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "set-up": {
            "uri": "builds/{build}/set-up",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "set-up.readings": {
            "uri": "builds/{build}/set-up/readings",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "set-up.frets": {
            "uri": "builds/{build}/set-up/frets",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "set-up.undo": {
            "uri": "builds/{build}/set-up/readings/{reading}/undo",
            "methods": [
                "POST"
            ],
            "wheres": {
                "reading": "[0-9]{1,9}"
            },
            "parameters": [
                "build",
                "reading"
            ],
            "bindings": {
                "build": "number",
                "reading": "id"
            }
        },
        "set-up.to-gate": {
            "uri": "operations/{operation}/gate/from-set-up",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "caliper": {
            "uri": "operations/{operation}/caliper",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "gate.decide": {
            "uri": "operations/{operation}/gate/decide",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "gate.close": {
            "uri": "operations/{operation}/gate/close",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "readings.strike": {
            "uri": "readings/{reading}/strike",
            "methods": [
                "POST"
            ],
            "wheres": {
                "reading": "[0-9]{1,9}"
            },
            "parameters": [
                "reading"
            ],
            "bindings": {
                "reading": "id"
            }
        },
        "parts.parcel": {
            "uri": "parts/parcel",
            "methods": [
                "POST"
            ]
        },
        "kit.arrival": {
            "uri": "kit/{line}/arrival",
            "methods": [
                "POST"
            ],
            "parameters": [
                "line"
            ],
            "bindings": {
                "line": "id"
            }
        },
        "kit.use": {
            "uri": "kit/{line}/use",
            "methods": [
                "POST"
            ],
            "parameters": [
                "line"
            ],
            "bindings": {
                "line": "id"
            }
        },
        "kit.write-off": {
            "uri": "kit/{line}/write-off",
            "methods": [
                "POST"
            ],
            "parameters": [
                "line"
            ],
            "bindings": {
                "line": "id"
            }
        },
        "commissions.new": {
            "uri": "commissions/new",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "commissions.forecast": {
            "uri": "commissions/forecast",
            "methods": [
                "POST"
            ]
        },
        "first-steps": {
            "uri": "first-steps",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "finished.new": {
            "uri": "finished/new",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "finished.look": {
            "uri": "finished/look",
            "methods": [
                "POST"
            ]
        },
        "finished": {
            "uri": "finished",
            "methods": [
                "POST"
            ]
        },
        "taking-in.new": {
            "uri": "taking-in/new",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "taking-in": {
            "uri": "taking-in",
            "methods": [
                "POST"
            ]
        },
        "builds.taking-in": {
            "uri": "builds/{build}/taking-in",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "commissions.second": {
            "uri": "commissions/second",
            "methods": [
                "POST"
            ]
        },
        "commissions.store": {
            "uri": "commissions",
            "methods": [
                "POST"
            ]
        },
        "builds.specification.work-out": {
            "uri": "builds/{build}/specification/work-out",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.specification": {
            "uri": "builds/{build}/specification",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.specification.release": {
            "uri": "builds/{build}/specification/release",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.specification.accept": {
            "uri": "builds/{build}/specification/accept",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.specification.import.look": {
            "uri": "builds/{build}/specification/import/look",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.specification.import": {
            "uri": "builds/{build}/specification/import",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.revisions": {
            "uri": "builds/{build}/revisions",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.route.compare": {
            "uri": "builds/{build}/route/compare",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.route.try": {
            "uri": "builds/{build}/route/try",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.route.changes": {
            "uri": "builds/{build}/route/changes",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.route.changes.one": {
            "uri": "builds/{build}/route/changes/{change}",
            "methods": [
                "DELETE"
            ],
            "parameters": [
                "build",
                "change"
            ],
            "bindings": {
                "build": "number",
                "change": "id"
            }
        },
        "builds.route.method": {
            "uri": "builds/{build}/route/method",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.route.reset": {
            "uri": "builds/{build}/route/reset",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.route.derive": {
            "uri": "builds/{build}/route/derive",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.route.patterns": {
            "uri": "builds/{build}/route/patterns",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.route.patterns.one": {
            "uri": "builds/{build}/route/patterns/{pattern}",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build",
                "pattern"
            ],
            "bindings": {
                "build": "number",
                "pattern": "id"
            }
        },
        "climate.import": {
            "uri": "climate/import",
            "methods": [
                "POST"
            ]
        },
        "builds.promise": {
            "uri": "builds/{build}/promise",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.call-off": {
            "uri": "builds/{build}/call-off",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "operations.wait": {
            "uri": "operations/{operation}/wait",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "gate.let-through": {
            "uri": "operations/{operation}/gate/let-through",
            "methods": [
                "POST"
            ],
            "parameters": [
                "operation"
            ],
            "bindings": {
                "operation": "id"
            }
        },
        "setbacks.try": {
            "uri": "setbacks/{setback}/try",
            "methods": [
                "POST"
            ],
            "wheres": {
                "setback": "[0-9]{1,9}"
            },
            "parameters": [
                "setback"
            ],
            "bindings": {
                "setback": "id"
            }
        },
        "setbacks.decide": {
            "uri": "setbacks/{setback}/decide",
            "methods": [
                "POST"
            ],
            "wheres": {
                "setback": "[0-9]{1,9}"
            },
            "parameters": [
                "setback"
            ],
            "bindings": {
                "setback": "id"
            }
        },
        "setbacks.withdraw": {
            "uri": "setbacks/{setback}/withdraw",
            "methods": [
                "POST"
            ],
            "wheres": {
                "setback": "[0-9]{1,9}"
            },
            "parameters": [
                "setback"
            ],
            "bindings": {
                "setback": "id"
            }
        },
        "setbacks.later": {
            "uri": "setbacks/{setback}/later",
            "methods": [
                "POST"
            ],
            "wheres": {
                "setback": "[0-9]{1,9}"
            },
            "parameters": [
                "setback"
            ],
            "bindings": {
                "setback": "id"
            }
        },
        "setbacks.say": {
            "uri": "setbacks/{setback}/say",
            "methods": [
                "PUT"
            ],
            "wheres": {
                "setback": "[0-9]{1,9}"
            },
            "parameters": [
                "setback"
            ],
            "bindings": {
                "setback": "id"
            }
        },
        "chores.new": {
            "uri": "chores/new",
            "methods": [
                "POST"
            ]
        },
        "chores.end": {
            "uri": "chores/{chore}/end",
            "methods": [
                "POST"
            ],
            "wheres": {
                "chore": "[0-9]{1,9}"
            },
            "parameters": [
                "chore"
            ],
            "bindings": {
                "chore": "id"
            }
        },
        "stores.values": {
            "uri": "stores/values",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "stores.table": {
            "uri": "stores/table",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "stores.table.file": {
            "uri": "stores/parts.csv",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "stores.table.look": {
            "uri": "stores/table/look",
            "methods": [
                "POST"
            ]
        },
        "stores.catalogue": {
            "uri": "stores/catalogue",
            "methods": [
                "POST"
            ]
        },
        "stores.parts.change": {
            "uri": "stores/parts/{part}/known",
            "methods": [
                "PUT"
            ],
            "wheres": {
                "part": "[0-9]{1,9}"
            },
            "parameters": [
                "part"
            ],
            "bindings": {
                "part": "id"
            }
        },
        "stores.parts.gone": {
            "uri": "stores/parts/{part}/gone",
            "methods": [
                "POST"
            ],
            "wheres": {
                "part": "[0-9]{1,9}"
            },
            "parameters": [
                "part"
            ],
            "bindings": {
                "part": "id"
            }
        },
        "stores.parts.offers": {
            "uri": "stores/parts/{part}/offers",
            "methods": [
                "POST"
            ],
            "wheres": {
                "part": "[0-9]{1,9}"
            },
            "parameters": [
                "part"
            ],
            "bindings": {
                "part": "id"
            }
        },
        "stores.offers.one": {
            "uri": "stores/offers/{offer}",
            "methods": [
                "DELETE"
            ],
            "wheres": {
                "offer": "[0-9]{1,9}"
            },
            "parameters": [
                "offer"
            ],
            "bindings": {
                "offer": "id"
            }
        },
        "stores.lots.throw-away": {
            "uri": "stores/lots/{lot}/throw-away",
            "methods": [
                "POST"
            ],
            "wheres": {
                "lot": "[0-9]{1,9}"
            },
            "parameters": [
                "lot"
            ],
            "bindings": {
                "lot": "id"
            }
        },
        "stores.suppliers": {
            "uri": "stores/suppliers",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "stores.suppliers.one": {
            "uri": "stores/suppliers/{supplier}",
            "methods": [
                "PUT"
            ],
            "wheres": {
                "supplier": "[0-9]{1,9}"
            },
            "parameters": [
                "supplier"
            ],
            "bindings": {
                "supplier": "id"
            }
        },
        "stores.orders": {
            "uri": "stores/orders",
            "methods": [
                "POST"
            ]
        },
        "stores.orders.sheet": {
            "uri": "stores/orders/{order}/order-{paper}.pdf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "order": "[0-9]{1,9}"
            },
            "parameters": [
                "order",
                "paper"
            ],
            "bindings": {
                "order": "id"
            }
        },
        "stores.orders.file": {
            "uri": "stores/orders/{order}/order.csv",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "order": "[0-9]{1,9}"
            },
            "parameters": [
                "order"
            ],
            "bindings": {
                "order": "id"
            }
        },
        "stores.orders.mail": {
            "uri": "stores/orders/{order}/mail",
            "methods": [
                "POST"
            ],
            "wheres": {
                "order": "[0-9]{1,9}"
            },
            "parameters": [
                "order"
            ],
            "bindings": {
                "order": "id"
            }
        },
        "stores.orders.expected": {
            "uri": "stores/orders/{order}/expected",
            "methods": [
                "PUT"
            ],
            "wheres": {
                "order": "[0-9]{1,9}"
            },
            "parameters": [
                "order"
            ],
            "bindings": {
                "order": "id"
            }
        },
        "stores.orders.call-off": {
            "uri": "stores/orders/{order}/call-off",
            "methods": [
                "POST"
            ],
            "wheres": {
                "order": "[0-9]{1,9}"
            },
            "parameters": [
                "order"
            ],
            "bindings": {
                "order": "id"
            }
        },
        "stores.away.work": {
            "uri": "stores/away/work",
            "methods": [
                "POST"
            ]
        },
        "stores.away.expected": {
            "uri": "stores/away/{work}/expected",
            "methods": [
                "PUT"
            ],
            "wheres": {
                "work": "[0-9]{1,9}"
            },
            "parameters": [
                "work"
            ],
            "bindings": {
                "work": "id"
            }
        },
        "stores.away.call-off": {
            "uri": "stores/away/{work}/call-off",
            "methods": [
                "POST"
            ],
            "wheres": {
                "work": "[0-9]{1,9}"
            },
            "parameters": [
                "work"
            ],
            "bindings": {
                "work": "id"
            }
        },
        "stores.wrong.as-it-is": {
            "uri": "stores/wrong/{lot}/as-it-is",
            "methods": [
                "POST"
            ],
            "wheres": {
                "lot": "[0-9]{1,9}"
            },
            "parameters": [
                "lot"
            ],
            "bindings": {
                "lot": "id"
            }
        },
        "stores.wrong.fit": {
            "uri": "stores/wrong/{lot}/fit",
            "methods": [
                "POST"
            ],
            "wheres": {
                "lot": "[0-9]{1,9}"
            },
            "parameters": [
                "lot"
            ],
            "bindings": {
                "lot": "id"
            }
        },
        "stores.wrong.send-back": {
            "uri": "stores/wrong/{lot}/send-back",
            "methods": [
                "POST"
            ],
            "wheres": {
                "lot": "[0-9]{1,9}"
            },
            "parameters": [
                "lot"
            ],
            "bindings": {
                "lot": "id"
            }
        },
        "kit.back": {
            "uri": "kit/{line}/back",
            "methods": [
                "POST"
            ],
            "parameters": [
                "line"
            ],
            "bindings": {
                "line": "id"
            }
        },
        "templates.retire": {
            "uri": "templates/{template}/retire",
            "methods": [
                "POST"
            ],
            "wheres": {
                "template": "[0-9]{1,9}"
            },
            "parameters": [
                "template"
            ],
            "bindings": {
                "template": "id"
            }
        },
        "templates.files": {
            "uri": "templates/{template}/files",
            "methods": [
                "POST"
            ],
            "wheres": {
                "template": "[0-9]{1,9}"
            },
            "parameters": [
                "template"
            ],
            "bindings": {
                "template": "id"
            }
        },
        "timber.boards": {
            "uri": "timber/boards",
            "methods": [
                "POST"
            ]
        },
        "timber.table": {
            "uri": "timber/table",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "timber.table.look": {
            "uri": "timber/table/look",
            "methods": [
                "POST"
            ]
        },
        "timber.cut": {
            "uri": "timber/cutting/cut",
            "methods": [
                "POST"
            ]
        },
        "timber.blanks.free": {
            "uri": "timber/blanks/{blank}/free",
            "methods": [
                "POST"
            ],
            "wheres": {
                "blank": "[0-9]{1,9}"
            },
            "parameters": [
                "blank"
            ],
            "bindings": {
                "blank": "id"
            }
        },
        "timber.papers.keep": {
            "uri": "timber/papers/{build}",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "timber.change": {
            "uri": "timber/{board}/known",
            "methods": [
                "PUT"
            ],
            "wheres": {
                "board": "[0-9]{1,9}"
            },
            "parameters": [
                "board"
            ],
            "bindings": {
                "board": "id"
            }
        },
        "timber.gone": {
            "uri": "timber/{board}/gone",
            "methods": [
                "POST"
            ],
            "wheres": {
                "board": "[0-9]{1,9}"
            },
            "parameters": [
                "board"
            ],
            "bindings": {
                "board": "id"
            }
        },
        "pieces.one": {
            "uri": "pieces/{piece}",
            "methods": [
                "PUT"
            ],
            "wheres": {
                "piece": "[0-9]{1,9}"
            },
            "parameters": [
                "piece"
            ],
            "bindings": {
                "piece": "id"
            }
        },
        "photographs.update": {
            "uri": "photographs/{photograph}",
            "methods": [
                "PUT"
            ],
            "wheres": {
                "photograph": "[0-9]{1,9}"
            },
            "parameters": [
                "photograph"
            ],
            "bindings": {
                "photograph": "id"
            }
        },
        "hours.strike": {
            "uri": "hours/{entry}/strike",
            "methods": [
                "POST"
            ],
            "parameters": [
                "entry"
            ],
            "bindings": {
                "entry": "id"
            }
        },
        "parts.orders": {
            "uri": "parts/orders",
            "methods": [
                "POST"
            ]
        },
        "kit.order": {
            "uri": "kit/{line}/order",
            "methods": [
                "POST"
            ],
            "parameters": [
                "line"
            ],
            "bindings": {
                "line": "id"
            }
        },
        "plan.help": {
            "uri": "plan/help",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "builds.chance": {
            "uri": "builds/{build}/chance",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "plan.chances": {
            "uri": "plan/chances",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "builds.progress": {
            "uri": "builds/{build}/progress",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.budget": {
            "uri": "builds/{build}/budget",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "plan.progress": {
            "uri": "plan/progress",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "year": {
            "uri": "year/{year?}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "year": "[0-9]{1,9}"
            },
            "parameters": [
                "year"
            ]
        },
        "hours": {
            "uri": "hours/{year?}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "year": "[0-9]{1,9}"
            },
            "parameters": [
                "year"
            ]
        },
        "hours.file": {
            "uri": "hours/{year}/hours.csv",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "year": "[0-9]{1,9}"
            },
            "parameters": [
                "year"
            ]
        },
        "letter": {
            "uri": "letter",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "forecasts": {
            "uri": "forecasts",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "forecasts.replay": {
            "uri": "forecasts/replay",
            "methods": [
                "POST"
            ]
        },
        "plan.chances.raise": {
            "uri": "plan/chances/raise",
            "methods": [
                "POST"
            ]
        },
        "plan.load": {
            "uri": "plan/load",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "plan.history": {
            "uri": "plan/history",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "plan.calendar": {
            "uri": "plan/calendar",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "plan.calendar.import.look": {
            "uri": "plan/calendar/import/look",
            "methods": [
                "POST"
            ]
        },
        "plan.calendar.import": {
            "uri": "plan/calendar/import",
            "methods": [
                "POST"
            ]
        },
        "plan.weights": {
            "uri": "plan/weights",
            "methods": [
                "PUT"
            ]
        },
        "plan.judge": {
            "uri": "plan/judge",
            "methods": [
                "POST"
            ]
        },
        "plan.changes": {
            "uri": "plan/changes",
            "methods": [
                "POST"
            ]
        },
        "plan.changes.undo": {
            "uri": "plan/changes/{change}/undo",
            "methods": [
                "POST"
            ],
            "wheres": {
                "change": "[0-9]{1,9}"
            },
            "parameters": [
                "change"
            ],
            "bindings": {
                "change": "id"
            }
        },
        "plan.try": {
            "uri": "plan/try",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "plan.try.with": {
            "uri": "plan/try/with",
            "methods": [
                "POST"
            ]
        },
        "plan.try.one": {
            "uri": "plan/try/{scenario}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "scenario": "[0-9]{1,9}"
            },
            "parameters": [
                "scenario"
            ],
            "bindings": {
                "scenario": "id"
            }
        },
        "plan.try.changes": {
            "uri": "plan/try/{scenario}/changes",
            "methods": [
                "POST"
            ],
            "wheres": {
                "scenario": "[0-9]{1,9}"
            },
            "parameters": [
                "scenario"
            ],
            "bindings": {
                "scenario": "id"
            }
        },
        "plan.try.changes.one": {
            "uri": "plan/try/{scenario}/changes/{change}",
            "methods": [
                "DELETE"
            ],
            "wheres": {
                "scenario": "[0-9]{1,9}",
                "change": "[0-9]{1,9}"
            },
            "parameters": [
                "scenario",
                "change"
            ],
            "bindings": {
                "scenario": "id"
            }
        },
        "plan.try.apply": {
            "uri": "plan/try/{scenario}/apply",
            "methods": [
                "POST"
            ],
            "wheres": {
                "scenario": "[0-9]{1,9}"
            },
            "parameters": [
                "scenario"
            ],
            "bindings": {
                "scenario": "id"
            }
        },
        "plan.look": {
            "uri": "plan/look",
            "methods": [
                "POST"
            ]
        },
        "plan.offers.take": {
            "uri": "plan/offers/{offer}/take",
            "methods": [
                "POST"
            ],
            "wheres": {
                "offer": "[0-9]{1,9}"
            },
            "parameters": [
                "offer"
            ],
            "bindings": {
                "offer": "id"
            }
        },
        "plan.offers.leave": {
            "uri": "plan/offers/{offer}/leave",
            "methods": [
                "POST"
            ],
            "wheres": {
                "offer": "[0-9]{1,9}"
            },
            "parameters": [
                "offer"
            ],
            "bindings": {
                "offer": "id"
            }
        },
        "clients": {
            "uri": "clients",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "clients.cards": {
            "uri": "clients/cards.vcf",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "clients.cards.look": {
            "uri": "clients/cards/look",
            "methods": [
                "POST"
            ]
        },
        "clients.import": {
            "uri": "clients/cards",
            "methods": [
                "POST"
            ]
        },
        "clients.one": {
            "uri": "clients/{client}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "client": "[0-9]{1,9}"
            },
            "parameters": [
                "client"
            ],
            "bindings": {
                "client": "id"
            }
        },
        "clients.card": {
            "uri": "clients/{client}/card.vcf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "client": "[0-9]{1,9}"
            },
            "parameters": [
                "client"
            ],
            "bindings": {
                "client": "id"
            }
        },
        "clients.talks": {
            "uri": "clients/{client}/talks",
            "methods": [
                "POST"
            ],
            "wheres": {
                "client": "[0-9]{1,9}"
            },
            "parameters": [
                "client"
            ],
            "bindings": {
                "client": "id"
            }
        },
        "clients.join": {
            "uri": "clients/{client}/join",
            "methods": [
                "POST"
            ],
            "wheres": {
                "client": "[0-9]{1,9}"
            },
            "parameters": [
                "client"
            ],
            "bindings": {
                "client": "id"
            }
        },
        "builds.client": {
            "uri": "builds/{build}/client",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.client.file": {
            "uri": "builds/{build}/client/page.html",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.client.page": {
            "uri": "builds/{build}/client/page",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "house.client-pages": {
            "uri": "house/client-pages",
            "methods": [
                "PUT"
            ]
        },
        "builds.carriage": {
            "uri": "builds/{build}/carriage",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.decisions": {
            "uri": "builds/{build}/decisions",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.letters": {
            "uri": "builds/{build}/letters",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.approvals": {
            "uri": "builds/{build}/approvals",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.change-orders": {
            "uri": "builds/{build}/change-orders",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "change-orders.accept": {
            "uri": "change-orders/{order}/accept",
            "methods": [
                "POST"
            ],
            "wheres": {
                "order": "[0-9]{1,9}"
            },
            "parameters": [
                "order"
            ],
            "bindings": {
                "order": "id"
            }
        },
        "change-orders.withdraw": {
            "uri": "change-orders/{order}/withdraw",
            "methods": [
                "POST"
            ],
            "wheres": {
                "order": "[0-9]{1,9}"
            },
            "parameters": [
                "order"
            ],
            "bindings": {
                "order": "id"
            }
        },
        "decisions.one": {
            "uri": "decisions/{decision}",
            "methods": [
                "PUT"
            ],
            "wheres": {
                "decision": "[0-9]{1,9}"
            },
            "parameters": [
                "decision"
            ],
            "bindings": {
                "decision": "id"
            }
        },
        "enquiries": {
            "uri": "enquiries",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "clients.enquiries": {
            "uri": "clients/{client}/enquiries",
            "methods": [
                "POST"
            ],
            "wheres": {
                "client": "[0-9]{1,9}"
            },
            "parameters": [
                "client"
            ],
            "bindings": {
                "client": "id"
            }
        },
        "enquiries.one": {
            "uri": "enquiries/{enquiry}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "enquiry": "[0-9]{1,9}"
            },
            "parameters": [
                "enquiry"
            ],
            "bindings": {
                "enquiry": "id"
            }
        },
        "enquiries.close": {
            "uri": "enquiries/{enquiry}/close",
            "methods": [
                "POST"
            ],
            "wheres": {
                "enquiry": "[0-9]{1,9}"
            },
            "parameters": [
                "enquiry"
            ],
            "bindings": {
                "enquiry": "id"
            }
        },
        "enquiries.pictures": {
            "uri": "enquiries/{enquiry}/pictures",
            "methods": [
                "POST"
            ],
            "wheres": {
                "enquiry": "[0-9]{1,9}"
            },
            "parameters": [
                "enquiry"
            ],
            "bindings": {
                "enquiry": "id"
            }
        },
        "enquiries.sketch": {
            "uri": "enquiries/{enquiry}/sketch",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "enquiry": "[0-9]{1,9}"
            },
            "parameters": [
                "enquiry"
            ],
            "bindings": {
                "enquiry": "id"
            }
        },
        "sketches.one": {
            "uri": "sketches/{sketch}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "sketch": "[0-9]{1,9}"
            },
            "parameters": [
                "sketch"
            ],
            "bindings": {
                "sketch": "id"
            }
        },
        "sketches.feel": {
            "uri": "sketches/feel",
            "methods": [
                "POST"
            ]
        },
        "sketches.cheaper": {
            "uri": "sketches/{sketch}/cheaper",
            "methods": [
                "POST"
            ],
            "wheres": {
                "sketch": "[0-9]{1,9}"
            },
            "parameters": [
                "sketch"
            ],
            "bindings": {
                "sketch": "id"
            }
        },
        "sketches.quote": {
            "uri": "sketches/{sketch}/quote",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "sketch": "[0-9]{1,9}"
            },
            "parameters": [
                "sketch"
            ],
            "bindings": {
                "sketch": "id"
            }
        },
        "quotes.one": {
            "uri": "quotes/{quote}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "quote": "[0-9]{1,9}"
            },
            "parameters": [
                "quote"
            ],
            "bindings": {
                "quote": "id"
            }
        },
        "quotes.sheet": {
            "uri": "quotes/{quote}/quote-{paper}.pdf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "quote": "[0-9]{1,9}"
            },
            "parameters": [
                "quote",
                "paper"
            ],
            "bindings": {
                "quote": "id"
            }
        },
        "quotes.withdraw": {
            "uri": "quotes/{quote}/withdraw",
            "methods": [
                "POST"
            ],
            "wheres": {
                "quote": "[0-9]{1,9}"
            },
            "parameters": [
                "quote"
            ],
            "bindings": {
                "quote": "id"
            }
        },
        "quotes.accept": {
            "uri": "quotes/{quote}/accept",
            "methods": [
                "POST"
            ],
            "wheres": {
                "quote": "[0-9]{1,9}"
            },
            "parameters": [
                "quote"
            ],
            "bindings": {
                "quote": "id"
            }
        },
        "money": {
            "uri": "money",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "money.earned": {
            "uri": "money/earned/{year?}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "year": "[0-9]{1,9}"
            },
            "parameters": [
                "year"
            ]
        },
        "money.file": {
            "uri": "money/{year}/{which}.csv",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "year": "[0-9]{1,9}",
                "which": "[a-z0-9]{1,9}"
            },
            "parameters": [
                "year",
                "which"
            ]
        },
        "money.rate": {
            "uri": "money/rate",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "money.bank": {
            "uri": "money/bank",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "money.bank.look": {
            "uri": "money/bank/look",
            "methods": [
                "POST"
            ]
        },
        "money.settings": {
            "uri": "money/settings",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "money.taxes": {
            "uri": "money/taxes",
            "methods": [
                "POST"
            ]
        },
        "money.taxes.one": {
            "uri": "money/taxes/{tax}",
            "methods": [
                "DELETE"
            ],
            "wheres": {
                "tax": "[0-9]{1,9}"
            },
            "parameters": [
                "tax"
            ],
            "bindings": {
                "tax": "id"
            }
        },
        "builds.money": {
            "uri": "builds/{build}/money",
            "methods": [
                "GET",
                "HEAD"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.money.parts": {
            "uri": "builds/{build}/money/parts",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.money.price": {
            "uri": "builds/{build}/money/price",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.money.sell": {
            "uri": "builds/{build}/money/sell",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.money.settle": {
            "uri": "builds/{build}/money/settle",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "builds.money.back": {
            "uri": "builds/{build}/money/back",
            "methods": [
                "POST"
            ],
            "parameters": [
                "build"
            ],
            "bindings": {
                "build": "number"
            }
        },
        "payment-parts.invoice": {
            "uri": "payment-parts/{part}/invoice",
            "methods": [
                "POST"
            ],
            "wheres": {
                "part": "[0-9]{1,9}"
            },
            "parameters": [
                "part"
            ],
            "bindings": {
                "part": "id"
            }
        },
        "invoices.one": {
            "uri": "invoices/{invoice}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "invoice": "[0-9]{1,9}"
            },
            "parameters": [
                "invoice"
            ],
            "bindings": {
                "invoice": "id"
            }
        },
        "invoices.sheet": {
            "uri": "invoices/{invoice}/invoice-{paper}.pdf",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "invoice": "[0-9]{1,9}"
            },
            "parameters": [
                "invoice",
                "paper"
            ],
            "bindings": {
                "invoice": "id"
            }
        },
        "invoices.structured": {
            "uri": "invoices/{invoice}/invoice.xml",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "invoice": "[0-9]{1,9}"
            },
            "parameters": [
                "invoice"
            ],
            "bindings": {
                "invoice": "id"
            }
        },
        "invoices.cancel": {
            "uri": "invoices/{invoice}/cancel",
            "methods": [
                "POST"
            ],
            "wheres": {
                "invoice": "[0-9]{1,9}"
            },
            "parameters": [
                "invoice"
            ],
            "bindings": {
                "invoice": "id"
            }
        },
        "invoices.payments": {
            "uri": "invoices/{invoice}/payments",
            "methods": [
                "POST"
            ],
            "wheres": {
                "invoice": "[0-9]{1,9}"
            },
            "parameters": [
                "invoice"
            ],
            "bindings": {
                "invoice": "id"
            }
        },
        "payments.strike": {
            "uri": "payments/{payment}/strike",
            "methods": [
                "POST"
            ],
            "wheres": {
                "payment": "[0-9]{1,9}"
            },
            "parameters": [
                "payment"
            ],
            "bindings": {
                "payment": "id"
            }
        },
        "people": {
            "uri": "people",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "people.one": {
            "uri": "people/{person}",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "person"
            ],
            "bindings": {
                "person": "id"
            }
        },
        "people.bench-code": {
            "uri": "people/{person}/bench-code",
            "methods": [
                "PUT"
            ],
            "wheres": {
                "person": "[0-9]{1,9}"
            },
            "parameters": [
                "person"
            ],
            "bindings": {
                "person": "id"
            }
        },
        "tablets": {
            "uri": "bench/tablets",
            "methods": [
                "POST"
            ]
        },
        "tablets.one": {
            "uri": "bench/tablets/{device}",
            "methods": [
                "DELETE"
            ],
            "wheres": {
                "device": "[0-9]{1,9}"
            },
            "parameters": [
                "device"
            ],
            "bindings": {
                "device": "id"
            }
        },
        "people.days-off": {
            "uri": "people/{person}/days-off",
            "methods": [
                "POST"
            ],
            "parameters": [
                "person"
            ],
            "bindings": {
                "person": "id"
            }
        },
        "days-off.one": {
            "uri": "days-off/{dayOff}",
            "methods": [
                "DELETE"
            ],
            "parameters": [
                "dayOff"
            ],
            "bindings": {
                "dayOff": "id"
            }
        },
        "audit": {
            "uri": "house/audit",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "people.link": {
            "uri": "people/{person}/password-link",
            "methods": [
                "POST"
            ],
            "wheres": {
                "person": "[0-9]{1,9}"
            },
            "parameters": [
                "person"
            ],
            "bindings": {
                "person": "id"
            }
        },
        "people.second": {
            "uri": "people/{person}/second-factor",
            "methods": [
                "DELETE"
            ],
            "wheres": {
                "person": "[0-9]{1,9}"
            },
            "parameters": [
                "person"
            ],
            "bindings": {
                "person": "id"
            }
        },
        "people.require-second": {
            "uri": "house/second-factor",
            "methods": [
                "PUT"
            ]
        },
        "health": {
            "uri": "house/health",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "everything": {
            "uri": "house/everything.zip",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "health.copy": {
            "uri": "house/health/copy",
            "methods": [
                "POST"
            ]
        },
        "house.models": {
            "uri": "house/models",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "house.models.new": {
            "uri": "house/models/new",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "house.models.work-out": {
            "uri": "house/models/work-out",
            "methods": [
                "POST"
            ]
        },
        "house.models.one": {
            "uri": "house/models/{model}",
            "methods": [
                "GET",
                "HEAD"
            ],
            "wheres": {
                "model": "[0-9]{1,9}"
            },
            "parameters": [
                "model"
            ],
            "bindings": {
                "model": "id"
            }
        },
        "house.held": {
            "uri": "house/held",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "house.standards": {
            "uri": "house/standards",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "house.methods": {
            "uri": "house/methods",
            "methods": [
                "PUT"
            ]
        },
        "house.rules": {
            "uri": "house/rules",
            "methods": [
                "PUT"
            ]
        },
        "house.standards.learn": {
            "uri": "house/standards/{standard}/learn",
            "methods": [
                "POST"
            ],
            "parameters": [
                "standard"
            ],
            "bindings": {
                "standard": "id"
            }
        },
        "house.patterns.one": {
            "uri": "house/patterns/{pattern}",
            "methods": [
                "DELETE"
            ],
            "parameters": [
                "pattern"
            ],
            "bindings": {
                "pattern": "id"
            }
        },
        "house": {
            "uri": "house",
            "methods": [
                "GET",
                "HEAD"
            ]
        },
        "house.standards.one": {
            "uri": "house/standards/{standard}",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "standard"
            ],
            "bindings": {
                "standard": "id"
            }
        },
        "house.finishes.one": {
            "uri": "house/finishes/{finish}",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "finish"
            ],
            "bindings": {
                "finish": "id"
            }
        },
        "house.resources.one": {
            "uri": "house/resources/{resource}",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "resource"
            ],
            "bindings": {
                "resource": "id"
            }
        },
        "house.prices.one": {
            "uri": "house/prices/{price}",
            "methods": [
                "PUT"
            ],
            "parameters": [
                "price"
            ],
            "bindings": {
                "price": "id"
            }
        },
        "house.closed-days": {
            "uri": "house/closed-days",
            "methods": [
                "POST"
            ]
        },
        "house.closed-days.one": {
            "uri": "house/closed-days/{closedDay}",
            "methods": [
                "DELETE"
            ],
            "parameters": [
                "closedDay"
            ],
            "bindings": {
                "closedDay": "id"
            }
        }
    }
};
