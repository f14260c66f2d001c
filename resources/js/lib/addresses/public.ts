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
        }
    }
};
