// Made by `npm run api` from the server's own description. Do not edit.

import type * as Core from "@zakuska/core";
export interface paths {
    "/api/assets": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["AssetsController_keep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/assets/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["AssetsController_get"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/connections": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ConnectionsController_list"];
        put?: never;
        post: operations["ConnectionsController_connect"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/connections/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["ConnectionsController_remove"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/connections/{id}/places": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ConnectionsController_places"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/connections/{id}/told": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ConnectionsController_hear"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/connections/consent": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ConnectionsController_ask"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/connections/return": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ConnectionsController_answered"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/copies": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["CopiesController_list"];
        put?: never;
        post: operations["CopiesController_make"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/copies/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["CopiesController_takeBack"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/copies/by-link/{token}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["CopiesController_preview"];
        put?: never;
        post: operations["CopiesController_copy"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/copies/ready-made": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["CopiesController_readyMade"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/deliveries": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["DeliveriesController_list"];
        put?: never;
        post: operations["DeliveriesController_send"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/deliveries/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["DeliveriesController_get"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/deliveries/{id}/events": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["DeliveriesController_events"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/deliveries/{id}/open": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["DeliveriesController_setOpen"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/deliveries/{id}/opening": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["DeliveriesController_setOpening"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/deliveries/{id}/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["DeliveriesController_setPeople"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/deliveries/{id}/remove-there": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["DeliveriesController_removeThere"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/deliveries/{id}/retry": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["DeliveriesController_retry"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/deliveries/{id}/stop": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["DeliveriesController_stop"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/drafts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["DraftsController_list"];
        put?: never;
        post: operations["DraftsController_create"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/drafts/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["DraftsController_get"];
        put: operations["DraftsController_save"];
        post?: never;
        delete: operations["DraftsController_delete"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/drafts/{id}/bank": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["DraftsController_toBank"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/drafts/{id}/undelete": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["DraftsController_undelete"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/files": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["FilesController_open"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/files/layouts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["FilesController_layouts"];
        put: operations["FilesController_keepLayout"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/files/layouts/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["FilesController_deleteLayout"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/first-run": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["PeopleController_isFirstRun"];
        put?: never;
        post: operations["PeopleController_firstRun"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["BankController_search"];
        put?: never;
        post: operations["BankController_create"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["BankController_get"];
        put: operations["BankController_change"];
        post?: never;
        delete: operations["BankController_delete"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/{id}/history": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["BankController_history"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/{id}/in-line": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["BankController_bringInLine"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/{id}/near": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["BankController_nearOne"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/{id}/remarks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["RemarksController_on"];
        put?: never;
        post: operations["RemarksController_add"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/{id}/restore": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["BankController_restore"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/{id}/sign-off": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["BankController_signOff"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/{id}/undelete": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["BankController_undelete"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/{id}/variants": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["BankController_addVariant"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/{id}/waiver": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["BankController_waive"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/bulk": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["BankController_changeMany"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/bulk/{id}/undo": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["BankController_undoMany"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/facets": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["BankController_facets"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/filters": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["BankController_savedFilters"];
        put?: never;
        post: operations["BankController_saveFilter"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/filters/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["BankController_removeFilter"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/near": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["BankController_near"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/rebalance": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["BankController_rebalance"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/translations/back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["BankController_translated"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/items/translations/out": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["BankController_toTranslate"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/links/{token}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["PeopleController_showLink"];
        put?: never;
        post: operations["PeopleController_takeUp"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["PeopleController_change"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["PeopleController_changePassword"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/me/sessions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["PeopleController_sessions"];
        put?: never;
        post?: never;
        delete: operations["PeopleController_endSessions"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/notations": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["NotationsController_list"];
        put: operations["NotationsController_keep"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/notations/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["NotationsController_delete"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/outcomes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["OutcomesController_list"];
        put: operations["OutcomesController_replace"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/outcomes/proposals/{itemId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["OutcomesController_proposals"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/papers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["PapersController_list"];
        put?: never;
        post: operations["PapersController_create"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/papers/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["PapersController_get"];
        put: operations["PapersController_save"];
        post?: never;
        delete: operations["PapersController_delete"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/papers/{id}/draw": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["PapersController_draw"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/papers/{id}/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["PaperFilesController_download"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/papers/{id}/items": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["PapersController_append"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/papers/{id}/print": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["PapersController_print"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/papers/{id}/proof": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["PaperFilesController_proof"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/papers/{id}/undelete": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["PapersController_undelete"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/papers/{id}/versions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["PapersController_versionsOf"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/presence": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["PresenceController_here"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/remarks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["RemarksController_open"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/remarks/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["RemarksController_settle"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/rosters": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["RostersController_list"];
        put: operations["RostersController_keep"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/rosters/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["RostersController_remove"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["SessionController_who"];
        put?: never;
        post: operations["SessionController_signIn"];
        delete: operations["SessionController_signOut"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/counts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["OverviewController_counts"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/settings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["SessionController_settings"];
        put: operations["SessionController_setSettings"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/workspace": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["PeopleController_choose"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["SittingsController_list"];
        put?: never;
        post: operations["SittingsController_create"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["SittingsController_get"];
        put: operations["SittingsController_save"];
        post?: never;
        delete: operations["SittingsController_remove"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/attempts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["SittingsController_add"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/attempts/{attempt}/move": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["HereController_letMove"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/feedback": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["SittingsController_feedback"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/fetch": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["SittingsController_fetch"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/given": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["SittingsController_give"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/gradebook": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["SittingsController_gradebook"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/regrade": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["SittingsController_regrade"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/reports": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["SittingsController_reports"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/sheet": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["SittingsController_sheet"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/taking": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["HereController_set"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{id}/undelete": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["SittingsController_undelete"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/here": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["HereController_open"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/of-delivery/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["SittingsController_ofDelivery"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/table": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["SittingsController_table"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/take/{code}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["TakeController_about"];
        put?: never;
        post: operations["TakeController_begin"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/take/{code}/attempt": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["TakeController_attempt"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/take/{code}/attempt/answers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["TakeController_save"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/take/{code}/attempt/check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeController_check"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/take/{code}/attempt/hand-in": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeController_handIn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/take/{code}/attempt/hint": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["TakeController_hint"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspace": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["WorkspacesController_get"];
        put: operations["WorkspacesController_rename"];
        post?: never;
        delete: operations["WorkspacesController_delete"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspace/archive": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ArchiveController_write"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspace/invitations": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WorkspacesController_invite"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspace/invitations/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["WorkspacesController_takeBack"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspace/leave": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WorkspacesController_leave"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspace/members/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["WorkspacesController_setRole"];
        post?: never;
        delete: operations["WorkspacesController_remove"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspace/members/{id}/reset": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WorkspacesController_reset"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspace/record": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["RecordController_search"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspace/undelete": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WorkspacesController_undelete"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspaces": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WorkspacesController_make"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/workspaces/archive": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ArchiveController_takeIn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["WritingController_get"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/page": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WritingController_page"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["WritingController_people"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/people/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["WritingController_allow"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/replies": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["WritingController_ofDrafts"];
        put?: never;
        post: operations["WritingController_ask"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/replies/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["WritingController_reply"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/replies/{id}/events": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["WritingController_events"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/replies/{id}/go-on": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WritingController_goOn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/replies/{id}/stop": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WritingController_stop"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/replies/{id}/taken": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WritingController_taken"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/requests": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["WritingController_kept"];
        put: operations["WritingController_keep"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/requests/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["WritingController_delete"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/service": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["WritingController_setService"];
        post?: never;
        delete: operations["WritingController_removeService"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/use": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["WritingController_use"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/use/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["WritingController_useAsCsv"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/writing/words": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["WritingController_words"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/pictures/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["PicturesController_get"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        AllowanceDto: {
            cap: number | null;
            isAllowed: boolean;
            name: string;
            personId: string;
            /** @description Units used this month */
            used: number;
        };
        AnswerDto: {
            /** @description Place among the items as they are shown */
            at: number;
            /** @description Counts what was given to this item: an older one never overwrites a newer */
            n: number;
            response: Core.Response;
        };
        AnswersDto: {
            answers: components["schemas"]["AnswerDto"][];
        };
        AppendItemsDto: {
            itemIds: string[];
        };
        AskDto: {
            /** @description The draft that the reply is for */
            draftId?: string | null;
            /** @description Units that the reply is expected to have */
            expected: number;
            /** @enum {string} */
            purpose: "items" | "again" | "reading" | "variant";
            /** @description Exactly what is sent */
            request: string;
            /** @description For the usage book: "10 questions" */
            what: string;
        };
        AskedForDto: {
            forAll: components["schemas"]["ForAllDto"] | null;
            includeUnsigned: boolean;
            /** @description Accepted remedies, parted by commas: destination:item:remedy */
            remedies: string;
        };
        AssetDto: {
            id: string;
        };
        AsVariantDto: {
            /** @description The bank item that it is a variant of */
            of: string;
            /** @description Of the draft’s item */
            ref: string;
        };
        AttemptDto: {
            /** @description Of those that count */
            counts: boolean;
            fields: {
                [key: string]: string;
            };
            given: {
                [key: string]: number;
            };
            history: components["schemas"]["GivenByHandDto"][];
            id: string;
            isHandedIn: boolean;
            /** @description What tells people apart */
            person: string | null;
            remarks: {
                [key: string]: string;
            };
            responses: (components["schemas"]["Response"] | null)[];
            student: string;
            submittedAt: string | null;
        };
        AttemptsDto: {
            attempts: components["schemas"]["ReadAttemptDto"][];
        };
        BankFacetsDto: {
            /** @description In the whole bank */
            all: number;
            facets: components["schemas"]["FieldFacetsDto"][];
            /** @description In the whole bank, not signed off */
            waiting: number;
        };
        BankFilterDto: {
            /** @description Items in it, and in what lies under it */
            category?: string;
            difficulty?: string;
            /** @description Code of a writing check that finds something */
            finding?: string;
            /** @enum {string} */
            hasKey?: "yes" | "no";
            /** @enum {string} */
            hasPicture?: "yes" | "no";
            kind?: string;
            language?: string;
            level?: string;
            outcome?: string;
            /** @enum {string} */
            sent?: "yes" | "no";
            /**
             * @description Share of the points in all sittings
             * @enum {string}
             */
            share?: "hard" | "middle" | "easy" | "untaken";
            /** @enum {string} */
            signedOff?: "yes" | "no";
            tag?: string;
            /**
             * @description How well it tells people apart in all sittings
             * @enum {string}
             */
            tells?: "backwards" | "hardly" | "well";
            /** @description Words, each matched at its start or by its stem; "a phrase"; -without */
            text?: string;
            /**
             * @description In a paper
             * @enum {string}
             */
            used?: "yes" | "no";
        };
        BeginDto: {
            /** @description The person’s own code, where one is asked for; else empty */
            code: string;
            /** @description A name of this browser, made by it */
            device: string;
            fields: {
                [key: string]: string;
            };
        };
        BegunDto: {
            /** @description Opens this attempt, and no other */
            token: string;
        };
        /** @description Core’s Block: a paragraph, preformatted text, list or table of rich text */
        Block: Core.Block;
        BulkDto: {
            change: components["schemas"]["BulkFieldsDto"];
            filter?: components["schemas"]["BankFilterDto"];
            /** @description Which items; or else all that the filter finds */
            ids?: string[];
            /** @description To sign off: the revision of each item as it was shown; one that changed since is left alone */
            shown?: {
                [key: string]: number;
            };
        };
        BulkFieldsDto: {
            addTags?: string[];
            /** @description Where to move them: "Tides/Heights"; null: to the top */
            category?: string | null;
            deleted?: boolean;
            difficulty?: string | null;
            dropTags?: string[];
            level?: string | null;
            outcome?: string | null;
            points?: number;
            shuffle?: boolean;
            signedOff?: boolean;
            /** @description Seconds */
            timeLimit?: number | null;
        };
        BulkResultDto: {
            changed: number;
            /** @description Not signed off, since somebody changed them after they were shown */
            changedMeanwhile: number;
            /** @description To undo it by */
            id: string;
            /** @description Sign-offs lost, since something shown or graded changed */
            signOffsLost: number;
            /** @description Already as asked, or of a kind that has no such field */
            unchanged: number;
        };
        CameFromDto: {
            /** @description Empty where the draft is not here */
            draftId: string;
            evidence?: components["schemas"]["KeptEvidenceDto"];
            /** @description First and last line, counted from 1 */
            lines: number[];
            /** @description Those lines as they stood */
            text?: string;
            title: string;
        };
        ChangeItemDto: {
            body: Core.Item;
            /** @description The revision that was edited */
            revision: number;
        };
        ChooseWorkspaceDto: {
            id: string;
        };
        ColumnLayoutDto: {
            id: string;
            layout: components["schemas"]["LayoutDto"];
            name: string;
        };
        ConnectionDto: {
            /** @enum {string} */
            destination: "inlet" | "breakwater" | "foghorn";
            /** @description Why it does not work any more */
            ended: string | null;
            id: string;
            name: string;
            /** @description Over how many letters or options its own limits begin, by measure, as it told */
            told: {
                [key: string]: number;
            };
            url: string;
        };
        ConnectionsDto: {
            /** @description Addresses that this server may call; empty: this machine only */
            allowed: string[];
            connections: components["schemas"]["ConnectionDto"][];
            destinations: components["schemas"]["DestinationDto"][];
        };
        ConsentDto: {
            /** @description The page there on which it is allowed */
            address: string;
        };
        CopiedDto: {
            /** @description Of the paper or draft that was made */
            id: string | null;
            /** @description Items that were made */
            itemCount: number;
            /** @enum {string} */
            kind: "items" | "paper" | "draft";
        };
        CopiedItemDto: {
            body: Core.Item;
            /** @description Where it will lie in the bank */
            category: string;
        };
        CopyLinkDto: {
            /** @description How often it was used */
            copies: number;
            expiresAt: string | null;
            id: string;
            /** @enum {string} */
            kind: "items" | "paper" | "draft";
            madeBy: string;
            title: string;
        };
        CopyPreviewDto: {
            /** @description Name of the workspace that it comes from */
            from: string;
            /** @description Of items and papers */
            items: components["schemas"]["CopiedItemDto"][];
            /** @enum {string} */
            kind: "items" | "paper" | "draft";
            madeBy: string;
            /** @description Of a draft: its text */
            text: string | null;
            title: string;
        };
        CountsDto: {
            bank: number;
            dispatch: number;
            drafts: number;
            papers: number;
            results: number;
        };
        DeliveryDto: {
            /** @description Where people take it */
            address: string | null;
            again: string | null;
            asked: components["schemas"]["AskedForDto"] | null;
            /** @description When it closes there by itself */
            closesAt: string | null;
            connectionId: string | null;
            /** @description Name of the connection, as it was */
            connectionName: string;
            createdAt: string;
            /** @enum {string} */
            destination: "inlet" | "breakwater" | "foghorn";
            /** @description Items whose key or probes were graded otherwise than here */
            disagreeing: number | null;
            done: number;
            id: string;
            /** @enum {string} */
            into: "new" | "add" | "bank";
            /** @description Whether people can take it there */
            isOpen: boolean;
            items: components["schemas"]["SentItemDto"][];
            joinCode: string | null;
            /** @description Where it is run from */
            manage: string | null;
            /** @description When it opens there by itself */
            opensAt: string | null;
            paperId: string;
            /** @description Who may answer there; null: anybody */
            people: string[] | null;
            /** @description One per item */
            proof: components["schemas"]["ItemProof"][] | null;
            provenAt: string | null;
            sentBy: string;
            since: components["schemas"]["SinceDto"];
            /** @enum {string} */
            state: "queued" | "sending" | "proving" | "done" | "failed" | "stopped";
            title: string;
            total: number;
            why: string | null;
        };
        DeliverySummaryDto: {
            /** @description Where people take it */
            address: string | null;
            again: string | null;
            /** @description When it closes there by itself */
            closesAt: string | null;
            connectionId: string | null;
            /** @description Name of the connection, as it was */
            connectionName: string;
            createdAt: string;
            /** @enum {string} */
            destination: "inlet" | "breakwater" | "foghorn";
            /** @description Items whose key or probes were graded otherwise than here */
            disagreeing: number | null;
            done: number;
            id: string;
            /** @enum {string} */
            into: "new" | "add" | "bank";
            /** @description Whether people can take it there */
            isOpen: boolean;
            joinCode: string | null;
            /** @description Where it is run from */
            manage: string | null;
            /** @description When it opens there by itself */
            opensAt: string | null;
            paperId: string;
            /** @description Who may answer there; null: anybody */
            people: string[] | null;
            provenAt: string | null;
            sentBy: string;
            /** @enum {string} */
            state: "queued" | "sending" | "proving" | "done" | "failed" | "stopped";
            title: string;
            total: number;
            why: string | null;
        };
        DestinationDto: {
            /** @description Where it is, as far as this server knows; else empty */
            address: string;
            /** @enum {string} */
            connects: "token" | "consent";
            /** @enum {string} */
            id: "inlet" | "breakwater" | "foghorn";
            into: ("new" | "add" | "bank")[];
            /** @description It can keep answering to people by name */
            knowsPeople: boolean;
            name: string;
            /** @description What people open there */
            noun: string;
            /** @description What is there can be replaced in its place */
            replaces: boolean;
        };
        DraftDto: {
            followed: components["schemas"]["FollowedItemDto"][];
            id: string;
            itemCount: number;
            keyText: string | null;
            notation: components["schemas"]["NotationDto"] | null;
            signedCount: number;
            /** @description The text that it was drafted from */
            source: string | null;
            styles: components["schemas"]["StyleDto"][];
            taught: components["schemas"]["TaughtLineDto"][];
            text: string;
            title: string;
            /** @description Items with something to decide */
            troubleCount: number;
            updatedAt: string;
            /** @description Name of who changed it last */
            updatedBy: string | null;
            version: number;
        };
        DraftSummaryDto: {
            id: string;
            itemCount: number;
            signedCount: number;
            title: string;
            /** @description Items with something to decide */
            troubleCount: number;
            updatedAt: string;
            /** @description Name of who changed it last */
            updatedBy: string | null;
        };
        DrawDto: {
            /** @description No version draws what another has drawn */
            apart: boolean;
            /** @description Papers whose items are not drawn */
            avoid?: string[];
            /** @description Absent: a new one */
            seed?: number;
            /** @description How many versions */
            versions: number;
        };
        EvidenceSentenceDto: {
            /** @description Which sentence of the source it is, from 1 */
            place: number;
            text: string;
            /** @description Seconds from the start of a transcript */
            time: number | null;
        };
        FacetDto: {
            count: number;
            value: string;
        };
        FieldFacetsDto: {
            name: string;
            values: components["schemas"]["FacetDto"][];
        };
        FileProofDto: {
            /** @description Probes that are graded in the file as they are here */
            agreeing: number;
            /** @description Probes that are graded otherwise, as the fit report says */
            announced: number;
            /** @enum {string} */
            format: "gift" | "aiken" | "qti12" | "qti21" | "qti22" | "qti30" | "cc13";
            /** @description Probes of these items: the key, and answers that earn less */
            probes: number;
            /** @description Items that go along and are graded by a key */
            sent: number;
            /** @description Stems of the items whose key or grading is not what it was */
            wrong: string[];
        };
        FindingDto: {
            /** @enum {string} */
            code: "no-key" | "no-points" | "same-options" | "longest-is-key" | "all-of-the-above" | "none-of-the-above" | "negative-unstressed" | "absolute-words" | "grammar-clue" | "repeated-words" | "overlapping-options" | "options-out-of-order" | "stem-asks-nothing" | "no-alt-text" | "reading-level" | "key-position" | "truth-balance" | "longest-too-often" | "answers-another" | "near-duplicate";
            message: string;
            /** @enum {string} */
            severity: "trouble" | "doubt" | "told";
            waived: components["schemas"]["WaivedDto"] | null;
        };
        FirstRunDto: {
            email: string;
            name: string;
            password: string;
            /** @description As it was printed at the start of the server */
            token: string;
            workspace: string;
        };
        FirstRunStateDto: {
            /** @description Nobody has an account yet */
            isOpen: boolean;
        };
        FollowedDto: {
            fingerprint: string;
            from: number;
            ref: string;
            signedOff: boolean;
            to: number;
        };
        FollowedItemDto: {
            bankItemId: string | null;
            fingerprint: string;
            from: number;
            /** @description Lost when the item changed; back if that is taken back */
            lostSignOff: components["schemas"]["SignOffDto"] | null;
            ref: string;
            signOff: components["schemas"]["SignOffDto"] | null;
            to: number;
        };
        ForAllDto: {
            /** @description Items that stay as the paper has them */
            exceptions?: string[];
            /** @enum {string} */
            feedbackWhen?: "each" | "after" | "never";
            points?: number;
            required?: boolean;
            /** @description Items change places within their sections */
            shuffleItems?: boolean;
            /** @description False keeps the options of all items in their order */
            shuffleOptions?: boolean;
            /** @description Seconds for each item */
            timeLimit?: number;
        };
        GivenByHandDto: {
            after: number | null;
            at: string;
            before: number | null;
            by: string;
            /** @description Place of the item */
            item: number;
        };
        GivenDto: {
            attemptId: string;
            /** @description Place of the item */
            item: number;
            /** @description Null: as the key says */
            points: number | null;
            /** @description To the person; empty: none */
            remark: string;
        };
        HereDto: {
            /** @description What is open: "draft:…", "item:…" or "paper:…" with its id */
            place: string;
        };
        InPassageDto: {
            /** @description The form in which the word stands there */
            as: string;
            sentence: string;
        };
        InvitationDto: {
            expiresAt: string;
            id: string;
            madeBy: string;
            note: string;
            /** @enum {string} */
            role: "owner" | "editor" | "reviewer" | "viewer";
        };
        InviteDto: {
            /** @description Who it is for, in your own words */
            note: string;
            /** @enum {string} */
            role: "owner" | "editor" | "reviewer" | "viewer";
        };
        /** @description Core’s Item: these fields, and those of its kind, as docs/items.schema.json sets them down */
        Item: Core.Item;
        ItemDto: {
            body: Core.Item;
            cameFrom: components["schemas"]["CameFromDto"] | null;
            /** @description Where it lies in the bank: "Tides/Heights"; empty at the top */
            category: string;
            /** @description Correlation with the rest of the paper in all sittings */
            discrimination: number | null;
            /** @description What the writing checks say of it */
            findings: components["schemas"]["FindingDto"][];
            id: string;
            lastSentAt: string | null;
            revision: number;
            /** @description Share of the points in all sittings, 0 to 1 */
            shareRight: number | null;
            signOff: components["schemas"]["SignOffDto"] | null;
            /** @description It is a variant, and its original has changed since */
            stale: boolean;
            /** @description People who took it in all sittings */
            takenBy: number;
            updatedAt: string;
            /** @description Titles of papers that hold it */
            usedIn: string[];
            /** @description The item that it is a variant of */
            variantOf: string | null;
            /** @description The others of its family */
            variants: components["schemas"]["VariantDto"][];
        };
        ItemPageDto: {
            /** @description There are more than were counted */
            isMore: boolean;
            items: components["schemas"]["ItemDto"][];
            /** @description How many are found; counted to 10,000 */
            total: number;
        };
        /** @description Core’s ItemProof: how the key of one item was tried where it arrived */
        ItemProof: Core.ItemProof;
        KeepRequestDto: {
            name: string;
            request: components["schemas"]["WritingRequestDto"];
        };
        KeepRosterDto: {
            name: string;
            people: components["schemas"]["ListedDto"][];
        };
        KeptEvidenceDto: {
            sentences: components["schemas"]["EvidenceSentenceDto"][];
            /** @description How the source begins */
            source: string;
            /** @enum {string} */
            verdict: "said" | "otherwise" | "unsure" | "not-found" | "nothing-to-find";
        };
        KeptNotationDto: {
            id: string;
            name: string;
            rules: components["schemas"]["NotationRuleDto"][];
        };
        KeptRequestDto: {
            id: string;
            name: string;
            request: components["schemas"]["WritingRequestDto"];
        };
        LayoutDto: {
            /** @enum {string} */
            keyForm: "letter" | "number" | "zero-based" | "text";
            leadingRows: number;
            roles: ("stem" | "option" | "options" | "right" | "key" | "kind" | "number" | "points" | "time" | "feedback" | "hint" | "difficulty" | "level" | "outcome" | "tags" | "section" | "left")[];
        };
        LeftOutDto: {
            line: number;
            why: string;
        };
        LineLookDto: {
            /** @enum {string} */
            dress?: "bold" | "slanted" | "coloured";
            end?: string;
            label?: string;
            /** @enum {string} */
            place?: "first" | "inside" | "last" | "alone";
            sign?: string;
            sort: string;
            tail?: string;
            word?: string;
        };
        LinkDto: {
            /** @enum {string} */
            kind: "invitation" | "password";
            madeBy: string;
            /** @description Of a password: whose */
            person: string | null;
            /** @enum {string|null} */
            role: "owner" | "editor" | "reviewer" | "viewer" | null;
            /** @description Of an invitation: where to */
            workspace: string | null;
        };
        ListedDto: {
            /** @description Opens it for this person alone; empty: none */
            code: string;
            name: string;
        };
        LookedUpDto: {
            inPassage: components["schemas"]["InPassageDto"] | null;
            /** @description Place of the likely sense; −1 where there is none */
            likely: number;
            /** @description None: it has no entry */
            senses: components["schemas"]["WordSenseDto"][];
            word: string;
        };
        LookUpDto: {
            /** @description The text that they stand in; empty: none */
            passage: string;
            words: string[];
        };
        MemberDto: {
            email: string;
            id: string;
            name: string;
            /** @enum {string} */
            role: "owner" | "editor" | "reviewer" | "viewer";
        };
        NearAskedDto: {
            bodies: components["schemas"]["Item"][];
        };
        NearFoundDto: {
            near: components["schemas"]["NearItemDto"][];
        };
        NearItemDto: {
            body: Core.Item;
            itemId: string;
            /** @description 0 to 1 */
            likeness: number;
        };
        NewColumnLayoutDto: {
            layout: components["schemas"]["LayoutDto"];
            name: string;
        };
        NewConnectionDto: {
            /** @enum {string} */
            destination: "inlet" | "breakwater" | "foghorn";
            /** @description The connection that is made anew */
            id?: string;
            /** @description What it is called here */
            name: string;
            /** @description Where it is opened by a token */
            token?: string;
            url: string;
        };
        NewCopyLinkDto: {
            /** @description Days until it expires; 30 where none are given */
            days?: number;
            ids: string[];
            /** @enum {string} */
            kind: "items" | "paper" | "draft";
            /** @description What it is called there; the paper’s or draft’s own title where none is given */
            title?: string;
        };
        NewCopyLinkMadeDto: {
            /** @description How often it was used */
            copies: number;
            expiresAt: string | null;
            id: string;
            /** @enum {string} */
            kind: "items" | "paper" | "draft";
            madeBy: string;
            title: string;
            /** @description To be shown once: it is kept nowhere */
            token: string;
        };
        NewDraftDto: {
            /** @description A key in a text of its own */
            keyText?: string | null;
            /** @description The notation that it is read by */
            notation?: components["schemas"]["NotationDto"] | null;
            /** @description The text that it was drafted from; kept as it is */
            source?: string | null;
            styles?: components["schemas"]["StyleDto"][];
            taught?: components["schemas"]["TaughtLineDto"][];
            text: string;
            title: string;
        };
        NewItemDto: {
            body: Core.Item;
            /** @description Where it is to lie: "Tides/Heights" */
            category?: string;
        };
        NewLinkDto: {
            expiresAt: string;
            /** @description To be shown once: it is kept nowhere */
            token: string;
        };
        NewPaperDto: {
            itemIds: string[];
            title: string;
        };
        NewPasswordDto: {
            old: string;
            password: string;
        };
        NewRemarkDto: {
            says: string;
        };
        NewSavedFilterDto: {
            filter: components["schemas"]["BankFilterDto"];
            name: string;
        };
        NewSittingDto: {
            attempts: components["schemas"]["ReadAttemptDto"][];
            /** @description Made by the caller; sent twice, it is one sitting */
            id: string;
            paperId: string;
            title: string;
        };
        NewVariantDto: {
            /** @description What it says; without it, what its original says */
            body?: Core.Item;
            /** @description BCP 47 tag; null for the same language, other readers */
            language: string | null;
        };
        NotationDto: {
            name: string;
            rules: components["schemas"]["NotationRuleDto"][];
        };
        NotationRuleDto: {
            look: components["schemas"]["LineLookDto"];
            /** @enum {string} */
            part: "item" | "stem" | "option" | "rest" | "key" | "feedback" | "hint" | "pair" | "bank" | "facts" | "passage" | "heading" | "none";
            /** @enum {string} */
            was: "out" | "passage" | "stem" | "more" | "option" | "wrapped" | "answer" | "feedback" | "hint" | "facts" | "row" | "bank" | "lines" | "keys" | "remark";
        };
        OpenedFileDto: {
            /** @description The document’s blocks, where it has tables whose columns may have to be corrected */
            blocks?: {
                [key: string]: unknown;
            }[];
            /** @description What of the file could not be read, a sentence each */
            notes: string[];
            styles: components["schemas"]["StyleDto"][];
            text: string;
            /** @enum {string} */
            type: "text" | "word" | "open-text" | "rtf" | "pdf" | "workbook" | "csv" | "html" | "items";
        };
        OpenHereDto: {
            /** @description Made by the caller; sent twice, it is one sitting */
            id: string;
            /** @description Take items along that nobody has signed off */
            includeUnsigned: boolean;
            /** @enum {string} */
            mode: "test" | "practice";
            paperId: string;
        };
        OpeningDto: {
            /**
             * Format: date-time
             * @description When it closes by itself; null: by hand
             */
            closesAt: string | null;
            /**
             * Format: date-time
             * @description When it opens by itself; null: now
             */
            opensAt: string | null;
        };
        OthersHereDto: {
            /** @description Names of who else has it open */
            others: string[];
        };
        OutcomeDto: {
            code: string;
            id: string;
            /** @description Items that name it */
            itemCount: number;
            parentId: string | null;
            /** @description Of these, signed off */
            signedCount: number;
            statement: string;
        };
        OutcomesFileDto: {
            /** @description A CASE package as JSON, or a table of code, statement, parent */
            text: string;
        };
        OverlapPaperDto: {
            id: string;
            itemCount: number;
            label: string | null;
            points: number;
            seed: number | null;
            title: string;
        };
        PageAddressDto: {
            url: string;
        };
        PageDto: {
            text: string;
        };
        PaperDto: {
            attempts: number | null;
            entries: components["schemas"]["PaperEntryDto"][];
            /** @description Seconds that a student is likely to need */
            expectedSeconds: number;
            /** @enum {string} */
            feedbackWhen: "each" | "after" | "never";
            /** @description What the writing checks say of all items together */
            findings: components["schemas"]["PaperFindingDto"][];
            id: string;
            identity: string[];
            instructions: string;
            itemCount: number;
            /** @description In the order of the entries */
            items: components["schemas"]["ItemDto"][];
            label: string | null;
            points: number;
            rules: components["schemas"]["PaperRuleDto"][];
            sections: components["schemas"]["PaperSectionDto"][];
            seed: number | null;
            shuffleItems: boolean;
            shuffleOptions: boolean;
            /** @description Minutes */
            timeLimit: number | null;
            title: string;
            updatedAt: string;
            /** @description Name of who changed it last */
            updatedBy: string | null;
            version: number;
            /** @description The paper that it is a version of */
            versionOf: string | null;
        };
        PaperEntryDto: {
            itemId: string;
            /** @description Ids of the options as this paper shows them */
            optionOrder?: string[] | null;
            points: number;
            required: boolean;
            sectionId?: string | null;
        };
        PaperFindingDto: {
            /** @enum {string} */
            code: "no-key" | "no-points" | "same-options" | "longest-is-key" | "all-of-the-above" | "none-of-the-above" | "negative-unstressed" | "absolute-words" | "grammar-clue" | "repeated-words" | "overlapping-options" | "options-out-of-order" | "stem-asks-nothing" | "no-alt-text" | "reading-level" | "key-position" | "truth-balance" | "longest-too-often" | "answers-another" | "near-duplicate";
            /** @description Places in the paper, from 0 */
            items: number[];
            message: string;
            /** @enum {string} */
            severity: "trouble" | "doubt" | "told";
        };
        PaperRuleDto: {
            count: number;
            filter: components["schemas"]["BankFilterDto"];
            id: string;
            /** @description Points of each; null: the item’s own */
            points: number | null;
            sectionId: string | null;
        };
        PaperSectionDto: {
            id: string;
            instructions: string;
            title: string;
        };
        PaperSummaryDto: {
            id: string;
            itemCount: number;
            label: string | null;
            points: number;
            seed: number | null;
            title: string;
            updatedAt: string;
            /** @description Name of who changed it last */
            updatedBy: string | null;
            /** @description The paper that it is a version of */
            versionOf: string | null;
        };
        PeopleDto: {
            /** @description Names as people give them; null: anybody */
            people: string[] | null;
        };
        PersonDto: {
            email: string;
            id: string;
            name: string;
            rights: ("see" | "remark" | "sign-off" | "results" | "write" | "delete" | "draw" | "dispatch" | "people")[];
            /** @enum {string} */
            role: "owner" | "editor" | "reviewer" | "viewer";
            /** @description Name of the workspace that is open */
            workspace: string;
            workspaceId: string;
            workspaces: components["schemas"]["WorkspaceSummaryDto"][];
        };
        PlaceDto: {
            /** @description Place among the items as they are shown */
            at: number;
        };
        ProfileDto: {
            email: string;
            name: string;
            /** @description Needed where the address changes */
            password?: string;
        };
        ProposalDto: {
            code: string;
            /** @description 0 to 1 */
            likeness: number;
            statement: string;
        };
        ReadAttemptDto: {
            fields: {
                [key: string]: string;
            };
            /** @description Per item */
            responses: (components["schemas"]["Response"] | null)[];
            student: string;
            /** @description As the file says it */
            time: string | null;
        };
        ReadingDto: {
            /** @enum {string} */
            index: "flesch-kincaid" | "lix";
            value: number;
            words: number;
        };
        ReadyMadeSetDto: {
            /** @description Name of the workspace that it comes from */
            from: string;
            /** @description Items of this bank that were copied from it */
            here: number;
            /** @description Stands for the token of its link */
            id: string;
            /** @description The kind of each item */
            kinds: string[];
            /** @description The outcome that it teaches to */
            outcome: string;
            title: string;
        };
        RebalanceDto: {
            ids: string[];
        };
        RecordEntryDto: {
            at: string;
            by: string;
            id: string;
            says: string;
            /** @enum {string} */
            what: "signed-in" | "workspace" | "people" | "password" | "sign-off" | "key" | "deleted" | "connected" | "dispatched" | "graded" | "exported" | "copied";
        };
        RecordPageDto: {
            entries: components["schemas"]["RecordEntryDto"][];
            isMore: boolean;
        };
        RegradedItemDto: {
            body: Core.Item;
            /** @description Place of the item */
            item: number;
        };
        RegradeDto: {
            items: components["schemas"]["RegradedItemDto"][];
            /** @description Places of items that count for nobody from now on */
            leftOut?: number[];
            /** @description Of the sitting, as it was seen */
            version: number;
            why: string;
        };
        RegradingDto: {
            at: string;
            by: string;
            changes: components["schemas"]["ScoreChangeDto"][];
            id: string;
            why: string;
        };
        RemarkDto: {
            at: string;
            by: string;
            id: string;
            itemId: string;
            says: string;
            settledAt: string | null;
            /** @description Null: open */
            settledBy: string | null;
            /** @description The item’s stem, to know it by */
            stem: string;
        };
        RemoteChoiceDto: {
            count: number;
            /** @description Before what it can be added, in order */
            entries: components["schemas"]["RemoteEntryDto"][];
            id: string;
            title: string;
        };
        RemoteEntryDto: {
            /** @enum {string} */
            kind: "question" | "part" | "text";
            title: string;
        };
        ReplyDto: {
            at: string;
            by: string;
            cost: number;
            currency: string;
            draftId: string | null;
            id: string;
            /** @description All of it is in its draft */
            isTaken: boolean;
            /** @enum {string} */
            purpose: "items" | "again" | "reading" | "variant";
            sentTo: string;
            /** @enum {string} */
            state: "writing" | "done" | "cut" | "failed" | "stopped";
            /** @description What has come so far */
            text: string;
            /** @description Units of request and reply */
            units: number;
            what: string;
            why: string | null;
        };
        ReplyEventDto: {
            at: string;
            by: string;
            cost: number;
            currency: string;
            draftId: string | null;
            /** @description Where the new text begins in the whole, in UTF-16 units */
            from: number;
            id: string;
            /** @description All of it is in its draft */
            isTaken: boolean;
            more: string;
            /** @enum {string} */
            purpose: "items" | "again" | "reading" | "variant";
            sentTo: string;
            /** @enum {string} */
            state: "writing" | "done" | "cut" | "failed" | "stopped";
            /** @description Units of request and reply */
            units: number;
            what: string;
            why: string | null;
        };
        ReplySummaryDto: {
            at: string;
            by: string;
            cost: number;
            currency: string;
            draftId: string | null;
            id: string;
            /** @description All of it is in its draft */
            isTaken: boolean;
            /** @enum {string} */
            purpose: "items" | "again" | "reading" | "variant";
            sentTo: string;
            /** @enum {string} */
            state: "writing" | "done" | "cut" | "failed" | "stopped";
            /** @description Units of request and reply */
            units: number;
            what: string;
            why: string | null;
        };
        /** @description Core’s Response: what somebody gave to an item */
        Response: Core.Response;
        ResponsesInDto: {
            /** @description Attempts that were not here before */
            fresh: number;
            /** @description Attempts that were here already */
            known: number;
            sitting: components["schemas"]["SittingDto"];
        };
        RestoreDto: {
            number: number;
        };
        RevisionDto: {
            at: string;
            body: Core.Item;
            by: string;
            number: number;
            says: string;
        };
        RosterDto: {
            id: string;
            name: string;
            people: components["schemas"]["ListedDto"][];
        };
        SavedDto: {
            /** @description How many answers are kept */
            kept: number;
        };
        SavedFilterDto: {
            filter: components["schemas"]["BankFilterDto"];
            id: string;
            name: string;
        };
        SaveDraftDto: {
            followed: components["schemas"]["FollowedDto"][];
            /** @description A key in a text of its own */
            keyText?: string | null;
            /** @description The notation that it is read by */
            notation?: components["schemas"]["NotationDto"] | null;
            /** @description The text that it was drafted from; kept as it is */
            source?: string | null;
            styles?: components["schemas"]["StyleDto"][];
            taught?: components["schemas"]["TaughtLineDto"][];
            text: string;
            title: string;
            /** @description The version that was edited */
            version: number;
        };
        SavePaperDto: {
            attempts?: number | null;
            entries: components["schemas"]["PaperEntryDto"][];
            /** @enum {string} */
            feedbackWhen?: "each" | "after" | "never";
            /** @description What a student writes above the items */
            identity?: string[];
            instructions: string;
            rules?: components["schemas"]["PaperRuleDto"][];
            sections?: components["schemas"]["PaperSectionDto"][];
            shuffleItems: boolean;
            shuffleOptions: boolean;
            /** @description Minutes */
            timeLimit?: number | null;
            title: string;
            /** @description The version that was edited */
            version: number;
        };
        SaveSittingDto: {
            settings: components["schemas"]["SittingSettingsDto"];
            title: string;
            version: number;
        };
        ScoreChangeDto: {
            after: number;
            attemptId: string;
            before: number;
            student: string;
        };
        SectionDto: {
            instructions: string;
            title: string;
        };
        SendDto: {
            /** @description Where in it, counted from 0; at its end without it */
            addAt?: number;
            /** @description Of `add`, and where wanted of `bank`: what is added to there */
            addTo?: string;
            /** @description The delivery that is sent again: only what changed goes, in place where it can */
            again?: string;
            connectionId: string;
            forAll?: components["schemas"]["ForAllDto"];
            /** @description Made by the caller; sent twice, it is one delivery */
            id: string;
            /** @description Take items along that nobody has signed off */
            includeUnsigned: boolean;
            /** @enum {string} */
            into: "new" | "add" | "bank";
            paperId: string;
            /** @description Accepted remedies, parted by commas: destination:item:remedy */
            remedies?: string;
        };
        SentItemDto: {
            body: Core.Item;
            /** @description What was changed of it, and what is not held there */
            changes: string[];
            itemId: string;
            /** @description Its name there */
            name: string;
            /** @enum {string} */
            outcome: "waiting" | "created" | "replaced" | "kept" | "refused" | "left-out";
            revision: number;
            /**
             * @description What became of it here since
             * @enum {string|null}
             */
            since: "edited" | "key" | "removed" | null;
            why: string | null;
        };
        SessionDto: {
            /** @description What the browser calls itself */
            agent: string;
            /** @description The one that asks */
            isThis: boolean;
            since: string;
        };
        SetAllowanceDto: {
            /** @description Null: as everybody */
            cap: number | null;
            isAllowed: boolean;
        };
        SetOpenDto: {
            isOpen: boolean;
        };
        SetRoleDto: {
            /** @enum {string} */
            role: "owner" | "editor" | "reviewer" | "viewer";
        };
        SetSignOffDto: {
            /** @description To sign off: the fingerprint of the item as it was shown */
            fingerprint?: string;
            remark?: string;
            signedOff: boolean;
        };
        SettleDto: {
            settled: boolean;
        };
        SetWritingServiceDto: {
            /** @description Units that a person may use in a month */
            cap: number;
            currency: string;
            /** @description Without it, the one that is kept stays */
            key?: string;
            /** @description Of a chat model; empty otherwise */
            model: string;
            /** @description What people here call it */
            name: string;
            /** @description Of 1,000 units */
            price: number;
            /** @enum {string} */
            provider: "skerry" | "chat";
            /** @description Units of one reply at most */
            units: number;
            url: string;
            /** @description Words of one request at most */
            words: number;
        };
        ShownItemDto: {
            /** @description Without its key */
            body: Core.Item;
            /** @description Hints that there are */
            hintCount: number;
            /** @description Of practice: hints that were asked for */
            hints: components["schemas"]["Block"][][];
            /** @description The count of the answer that is kept; −1: none */
            n: number;
            required: boolean;
            response: Core.Response | null;
            /** @description What counts as the same */
            same: string[];
            /** @description Index into the sections */
            section: number | null;
            solved: boolean;
            told: components["schemas"]["ToldItemDto"] | null;
            /** @description Of practice: how often it was checked */
            tries: number;
        };
        SignInDto: {
            email: string;
            password: string;
        };
        SignOffDto: {
            at: string;
            by: string;
            remark: string;
        };
        SinceDto: {
            added: number;
            edited: number;
            /** @description Of these, items whose key changed */
            keys: number;
            removed: number;
        };
        SittingDto: {
            attemptList: components["schemas"]["AttemptDto"][];
            /** @description Attempts that were handed in */
            attempts: number;
            code: string | null;
            createdAt: string;
            deliveryId: string | null;
            /** @enum {string|null} */
            destination: "inlet" | "breakwater" | "foghorn" | null;
            fetchedAt: string | null;
            id: string;
            /** @description Whether it can be taken on our own pages now */
            isOpen: boolean;
            items: components["schemas"]["SittingItemDto"][];
            paperId: string | null;
            regradings: components["schemas"]["RegradingDto"][];
            settings: components["schemas"]["SittingSettingsDto"];
            /** @enum {string} */
            source: "delivery" | "here" | "file";
            taking: components["schemas"]["TakingDto"] | null;
            title: string;
            /** @description Attempts that are not handed in yet */
            underWay: number;
            underWayList: components["schemas"]["UnderWayDto"][];
            version: number;
        };
        SittingItemDto: {
            body: Core.Item;
            /** @description As the bank has it now, where its key is another */
            inBank: Core.Item | null;
            itemId: string;
            revision: number;
        };
        SittingSettingsDto: {
            /** @description Places of items that count for nobody */
            leftOut: number[];
            /** @description Share under which a score is low */
            threshold: number;
            /**
             * @description Of several attempts of one person
             * @enum {string}
             */
            which: "last" | "first" | "best";
        };
        SittingSummaryDto: {
            /** @description Attempts that were handed in */
            attempts: number;
            code: string | null;
            createdAt: string;
            deliveryId: string | null;
            /** @enum {string|null} */
            destination: "inlet" | "breakwater" | "foghorn" | null;
            fetchedAt: string | null;
            id: string;
            /** @description Whether it can be taken on our own pages now */
            isOpen: boolean;
            paperId: string | null;
            /** @enum {string} */
            source: "delivery" | "here" | "file";
            title: string;
            /** @description Attempts that are not handed in yet */
            underWay: number;
        };
        StyleDto: {
            from: number;
            /** @enum {string} */
            style: "strong" | "emphasis" | "underline" | "sub" | "sup" | "code" | "highlight" | "colour";
            to: number;
        };
        TableDto: {
            rows: string[][];
        };
        TakeAboutDto: {
            attempts: number | null;
            closesAt: string | null;
            /** @description What is asked before it begins */
            identity: string[];
            instructions: string;
            itemCount: number;
            /** @enum {string} */
            mode: "test" | "practice";
            opensAt: string | null;
            /** @enum {string} */
            state: "open" | "early" | "closed";
            /** @description Minutes */
            timeLimit: number | null;
            title: string;
            /** @enum {string} */
            who: "anyone" | "list" | "code";
        };
        TakenInDto: {
            draftCount: number;
            /** @description The workspace that was made */
            id: string;
            itemCount: number;
            paperCount: number;
        };
        TakeUpDto: {
            email?: string;
            name?: string;
            password?: string;
        };
        TakingAttemptDto: {
            instructions: string;
            isHandedIn: boolean;
            items: components["schemas"]["ShownItemDto"][];
            /** @enum {string} */
            mode: "test" | "practice";
            possible: number;
            secondsLeft: number | null;
            sections: components["schemas"]["SectionDto"][];
            student: string;
            /**
             * @description When points and feedback are told
             * @enum {string}
             */
            tells: "now" | "closed" | "never";
            title: string;
            /** @description Points, where they may be told */
            total: number | null;
            /** @description Of practice: how often an item may be tried */
            tries: number | null;
        };
        TakingDto: {
            /** @description How often by each */
            attempts: number | null;
            /** Format: date-time */
            closesAt: string | null;
            /** @enum {string} */
            feedbackWhen: "after" | "closed" | "never";
            isOpen: boolean;
            /** @enum {string} */
            mode: "test" | "practice";
            /** Format: date-time */
            opensAt: string | null;
            people: components["schemas"]["ListedDto"][];
            shuffleItems: boolean;
            shuffleOptions: boolean;
            /** @description Minutes */
            timeLimit: number | null;
            /** @description Of practice: how often an item may be tried */
            tries: number | null;
            /** @enum {string} */
            who: "anyone" | "list" | "code";
        };
        TaughtLineDto: {
            /** @description Whether lines that look alike are read the same way */
            alike: boolean;
            from: number;
            /** @enum {string} */
            part: "item" | "stem" | "option" | "rest" | "key" | "feedback" | "hint" | "pair" | "bank" | "facts" | "passage" | "heading" | "none";
            to: number;
        };
        ToBankDto: {
            /** @description Where new items are to lie in the bank: "Tides/Heights" */
            category?: string;
            /** @description Take items along that nobody has signed off */
            includeUnsigned: boolean;
            /** @description Only these; without it, all */
            refs?: string[];
            /** @description Items that are kept as variants of others */
            variants?: components["schemas"]["AsVariantDto"][];
        };
        ToBankResultDto: {
            created: number;
            draft: components["schemas"]["DraftDto"];
            leftOut: components["schemas"]["LeftOutDto"][];
            unchanged: number;
            updated: number;
        };
        ToldItemDto: {
            feedback: components["schemas"]["Block"][] | null;
            /** @description The key in words; null: not told */
            key: string | null;
            of: number;
            /** @description Null: a person has to read it */
            points: number | null;
            remark: string;
        };
        ToTranslateDto: {
            ids: string[];
            /** @description BCP 47 tag of the language to translate into */
            language: string;
        };
        TranslatedDto: {
            created: number;
            /** @description Texts that are not translated yet */
            open: number;
            unchanged: number;
            /** @description Items in the file that are not in the bank */
            unknown: number;
            updated: number;
        };
        UnderWayDto: {
            id: string;
            /** @description Whether a teacher lets them go on on another device */
            mayMove: boolean;
            startedAt: string | null;
            student: string;
        };
        UndoneDto: {
            /** @description Changed by somebody since, and left as they are */
            left: number;
            restored: number;
        };
        UseDto: {
            /** @description Newest first */
            entries: components["schemas"]["ReplySummaryDto"][];
            /** @description There are older ones */
            isMore: boolean;
        };
        VariantDto: {
            itemId: string;
            language: string | null;
            /** @description How hard it is to read; null without words */
            reading: components["schemas"]["ReadingDto"] | null;
            /** @description Its original has changed since */
            stale: boolean;
        };
        VersionsDto: {
            /** @description How many items each rule finds now */
            found: number[];
            /** @description Shared items of each pair of these papers; the diagonal says how many a paper has */
            overlap: number[][];
            /** @description The versions, then other papers that share items with them */
            papers: components["schemas"]["OverlapPaperDto"][];
            /** @description The seed of the last draw; the same seed draws the same */
            seed: number | null;
        };
        WaivedDto: {
            at: string;
            by: string;
            reason: string;
        };
        WaiveDto: {
            /** @enum {string} */
            code: "no-key" | "no-points" | "same-options" | "longest-is-key" | "all-of-the-above" | "none-of-the-above" | "negative-unstressed" | "absolute-words" | "grammar-clue" | "repeated-words" | "overlapping-options" | "options-out-of-order" | "stem-asks-nothing" | "no-alt-text" | "reading-level" | "key-position" | "truth-balance" | "longest-too-often" | "answers-another" | "near-duplicate";
            /** @description Null takes the waiver back */
            reason: string | null;
        };
        WordSenseDto: {
            definition: string;
            example: string | null;
            /** @enum {string} */
            form: "base" | "plural" | "past" | "gerund" | "third-person" | "comparative" | "superlative";
            /** @description Its forms by their names */
            forms: {
                [key: string]: string;
            };
            id: string;
            /** @description The form of the word in the example */
            inExample: string | null;
            lemma: string;
            /** @enum {string} */
            pos: "noun" | "verb" | "adjective" | "adverb";
            /** @description Words that mean the same or nearly so */
            related: string[];
        };
        WorkspaceDto: {
            /** @description Deleted, and gone for good then */
            goneAt: string | null;
            id: string;
            /** @description Not taken up yet; for owners */
            invitations: components["schemas"]["InvitationDto"][];
            members: components["schemas"]["MemberDto"][];
            name: string;
        };
        WorkspaceNameDto: {
            name: string;
        };
        WorkspaceSettingsDto: {
            checksOff?: ("no-key" | "no-points" | "same-options" | "longest-is-key" | "all-of-the-above" | "none-of-the-above" | "negative-unstressed" | "absolute-words" | "grammar-clue" | "repeated-words" | "overlapping-options" | "options-out-of-order" | "stem-asks-nothing" | "no-alt-text" | "reading-level" | "key-position" | "truth-balance" | "longest-too-often" | "answers-another" | "near-duplicate")[];
            /** @description Address of a look-up, with {words} where the words go */
            lookUp?: string;
            /** @description Years of school of the readers */
            targetGrade?: number;
        };
        WorkspaceSummaryDto: {
            id: string;
            /** @description Deleted; its owners can bring it back for a time */
            isDeleted: boolean;
            name: string;
            /** @enum {string} */
            role: "owner" | "editor" | "reviewer" | "viewer";
        };
        WritingDto: {
            /** @description Origins that may be called; none: this machine */
            allowed: string[];
            /** @description Units that there are this month */
            cap: number;
            /** @description Four fifths are used */
            isNear: boolean;
            /** @description Origins whose pages may be read; none: no page */
            pages: string[];
            /** @description Null: there is none here, and nothing is sent */
            service: components["schemas"]["WritingServiceDto"] | null;
            /** @description Units used this month */
            used: number;
            /** @description Why it cannot be asked; null: it can */
            whyNot: string | null;
        };
        WritingRequestDto: {
            cognitive?: ("remember" | "understand" | "apply" | "analyse" | "evaluate" | "create")[];
            counts: components["schemas"]["CountsDto"];
            /** @enum {string} */
            difficulty?: "easy" | "medium" | "hard";
            language: string;
            level: string;
            outcomes?: string;
            remarks: string;
        };
        WritingServiceDto: {
            cap: number;
            currency: string;
            hasKey: boolean;
            model: string;
            name: string;
            price: number;
            /** @enum {string} */
            provider: "skerry" | "chat";
            units: number;
            url: string;
            words: number;
        };
        XliffDto: {
            /** @description XLIFF 2 */
            text: string;
        };
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    AssetsController_keep: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/octet-stream": string;
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AssetDto"];
                };
            };
        };
    };
    AssetsController_get: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": string;
                };
            };
        };
    };
    ConnectionsController_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ConnectionsDto"];
                };
            };
        };
    };
    ConnectionsController_connect: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewConnectionDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ConnectionDto"];
                };
            };
        };
    };
    ConnectionsController_remove: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    ConnectionsController_places: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RemoteChoiceDto"][];
                };
            };
        };
    };
    ConnectionsController_hear: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ConnectionDto"];
                };
            };
        };
    };
    ConnectionsController_ask: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewConnectionDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ConsentDto"];
                };
            };
        };
    };
    ConnectionsController_answered: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description On to Dispatch, with what came of it */
            302: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    CopiesController_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CopyLinkDto"][];
                };
            };
        };
    };
    CopiesController_make: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewCopyLinkDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NewCopyLinkMadeDto"];
                };
            };
        };
    };
    CopiesController_takeBack: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    CopiesController_preview: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CopyPreviewDto"];
                };
            };
        };
    };
    CopiesController_copy: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CopiedDto"];
                };
            };
        };
    };
    CopiesController_readyMade: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadyMadeSetDto"][];
                };
            };
        };
    };
    DeliveriesController_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeliverySummaryDto"][];
                };
            };
        };
    };
    DeliveriesController_send: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SendDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeliveryDto"];
                };
            };
        };
    };
    DeliveriesController_get: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeliveryDto"];
                };
            };
        };
    };
    DeliveriesController_events: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/event-stream": components["schemas"]["DeliverySummaryDto"];
                };
            };
        };
    };
    DeliveriesController_setOpen: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SetOpenDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeliveryDto"];
                };
            };
        };
    };
    DeliveriesController_setOpening: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OpeningDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeliveryDto"];
                };
            };
        };
    };
    DeliveriesController_setPeople: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PeopleDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeliveryDto"];
                };
            };
        };
    };
    DeliveriesController_removeThere: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeliveryDto"];
                };
            };
        };
    };
    DeliveriesController_retry: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeliveryDto"];
                };
            };
        };
    };
    DeliveriesController_stop: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DeliveryDto"];
                };
            };
        };
    };
    DraftsController_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DraftSummaryDto"][];
                };
            };
        };
    };
    DraftsController_create: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewDraftDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DraftDto"];
                };
            };
        };
    };
    DraftsController_get: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DraftDto"];
                };
            };
        };
    };
    DraftsController_save: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SaveDraftDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DraftDto"];
                };
            };
        };
    };
    DraftsController_delete: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    DraftsController_toBank: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ToBankDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToBankResultDto"];
                };
            };
        };
    };
    DraftsController_undelete: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    FilesController_open: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/octet-stream": string;
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OpenedFileDto"];
                };
            };
        };
    };
    FilesController_layouts: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ColumnLayoutDto"][];
                };
            };
        };
    };
    FilesController_keepLayout: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewColumnLayoutDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ColumnLayoutDto"];
                };
            };
        };
    };
    FilesController_deleteLayout: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    PeopleController_isFirstRun: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FirstRunStateDto"];
                };
            };
        };
    };
    PeopleController_firstRun: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FirstRunDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonDto"];
                };
            };
        };
    };
    BankController_search: {
        parameters: {
            query?: {
                /** @description Items in it, and in what lies under it */
                category?: string;
                difficulty?: string;
                /** @description Code of a writing check that finds something */
                finding?: string;
                hasKey?: "yes" | "no";
                hasPicture?: "yes" | "no";
                kind?: string;
                language?: string;
                level?: string;
                limit?: number;
                offset?: number;
                outcome?: string;
                sent?: "yes" | "no";
                /** @description Share of the points in all sittings */
                share?: "hard" | "middle" | "easy" | "untaken";
                signedOff?: "yes" | "no";
                sort?: "newest" | "oldest" | "hardest" | "easiest" | "points" | "sent";
                tag?: string;
                /** @description How well it tells people apart in all sittings */
                tells?: "backwards" | "hardly" | "well";
                /** @description Words, each matched at its start or by its stem; "a phrase"; -without */
                text?: string;
                /** @description In a paper */
                used?: "yes" | "no";
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ItemPageDto"];
                };
            };
        };
    };
    BankController_create: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewItemDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ItemDto"];
                };
            };
        };
    };
    BankController_get: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ItemDto"];
                };
            };
        };
    };
    BankController_change: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChangeItemDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ItemDto"];
                };
            };
        };
    };
    BankController_delete: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    BankController_history: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RevisionDto"][];
                };
            };
        };
    };
    BankController_bringInLine: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ItemDto"];
                };
            };
        };
    };
    BankController_nearOne: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NearFoundDto"];
                };
            };
        };
    };
    RemarksController_on: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RemarkDto"][];
                };
            };
        };
    };
    RemarksController_add: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewRemarkDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RemarkDto"][];
                };
            };
        };
    };
    BankController_restore: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RestoreDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ItemDto"];
                };
            };
        };
    };
    BankController_signOff: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SetSignOffDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ItemDto"];
                };
            };
        };
    };
    BankController_undelete: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    BankController_addVariant: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewVariantDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ItemDto"];
                };
            };
        };
    };
    BankController_waive: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WaiveDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ItemDto"];
                };
            };
        };
    };
    BankController_changeMany: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BulkDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BulkResultDto"];
                };
            };
        };
    };
    BankController_undoMany: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["UndoneDto"];
                };
            };
        };
    };
    BankController_facets: {
        parameters: {
            query?: {
                /** @description Items in it, and in what lies under it */
                category?: string;
                difficulty?: string;
                /** @description Code of a writing check that finds something */
                finding?: string;
                hasKey?: "yes" | "no";
                hasPicture?: "yes" | "no";
                kind?: string;
                language?: string;
                level?: string;
                outcome?: string;
                sent?: "yes" | "no";
                /** @description Share of the points in all sittings */
                share?: "hard" | "middle" | "easy" | "untaken";
                signedOff?: "yes" | "no";
                tag?: string;
                /** @description How well it tells people apart in all sittings */
                tells?: "backwards" | "hardly" | "well";
                /** @description Words, each matched at its start or by its stem; "a phrase"; -without */
                text?: string;
                /** @description In a paper */
                used?: "yes" | "no";
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BankFacetsDto"];
                };
            };
        };
    };
    BankController_savedFilters: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SavedFilterDto"][];
                };
            };
        };
    };
    BankController_saveFilter: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewSavedFilterDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SavedFilterDto"][];
                };
            };
        };
    };
    BankController_removeFilter: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SavedFilterDto"][];
                };
            };
        };
    };
    BankController_near: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NearAskedDto"];
            };
        };
        responses: {
            /** @description A list per body given */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NearFoundDto"][];
                };
            };
        };
    };
    BankController_rebalance: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RebalanceDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BulkResultDto"];
                };
            };
        };
    };
    BankController_translated: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["XliffDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TranslatedDto"];
                };
            };
        };
    };
    BankController_toTranslate: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ToTranslateDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["XliffDto"];
                };
            };
        };
    };
    PeopleController_showLink: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LinkDto"];
                };
            };
        };
    };
    PeopleController_takeUp: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TakeUpDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonDto"];
                };
            };
        };
    };
    PeopleController_change: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ProfileDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonDto"];
                };
            };
        };
    };
    PeopleController_changePassword: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewPasswordDto"];
            };
        };
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    PeopleController_sessions: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SessionDto"][];
                };
            };
        };
    };
    PeopleController_endSessions: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    NotationsController_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptNotationDto"][];
                };
            };
        };
    };
    NotationsController_keep: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NotationDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptNotationDto"];
                };
            };
        };
    };
    NotationsController_delete: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    OutcomesController_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OutcomeDto"][];
                };
            };
        };
    };
    OutcomesController_replace: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OutcomesFileDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OutcomeDto"][];
                };
            };
        };
    };
    OutcomesController_proposals: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                itemId: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ProposalDto"][];
                };
            };
        };
    };
    PapersController_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperSummaryDto"][];
                };
            };
        };
    };
    PapersController_create: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewPaperDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperDto"];
                };
            };
        };
    };
    PapersController_get: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperDto"];
                };
            };
        };
    };
    PapersController_save: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SavePaperDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperDto"];
                };
            };
        };
    };
    PapersController_delete: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    PapersController_draw: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DrawDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["VersionsDto"];
                };
            };
        };
    };
    PaperFilesController_download: {
        parameters: {
            query: {
                /** @description Formats, parted by commas; several come as one zip */
                formats: string;
                /** @description The column layout of tables; ours without it */
                layout?: string;
                /** @description Accepted remedies, parted by commas: destination:item:remedy */
                remedies?: string;
                unsigned?: "true" | "false";
                /** @description Further papers, by id, parted by commas; each in a folder of its own */
                with?: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    PapersController_append: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AppendItemsDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperDto"];
                };
            };
        };
    };
    PapersController_print: {
        parameters: {
            query: {
                form: "pdf" | "docx" | "pptx";
                size: "A4" | "Letter";
                /** @description This paper, or every version drawn of it */
                versions: "this" | "all";
                /** @description Of paper, key, answers; parted by commas */
                what: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": string;
                    "application/zip": string;
                };
            };
        };
    };
    PaperFilesController_proof: {
        parameters: {
            query: {
                /** @description Formats, parted by commas; several come as one zip */
                formats: string;
                /** @description The column layout of tables; ours without it */
                layout?: string;
                /** @description Accepted remedies, parted by commas: destination:item:remedy */
                remedies?: string;
                unsigned?: "true" | "false";
                /** @description Further papers, by id, parted by commas; each in a folder of its own */
                with?: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FileProofDto"][];
                };
            };
        };
    };
    PapersController_undelete: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    PapersController_versionsOf: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["VersionsDto"];
                };
            };
        };
    };
    PresenceController_here: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HereDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OthersHereDto"];
                };
            };
        };
    };
    RemarksController_open: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RemarkDto"][];
                };
            };
        };
    };
    RemarksController_settle: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SettleDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RemarkDto"][];
                };
            };
        };
    };
    RostersController_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RosterDto"][];
                };
            };
        };
    };
    RostersController_keep: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["KeepRosterDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RosterDto"][];
                };
            };
        };
    };
    RostersController_remove: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    SessionController_who: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonDto"];
                };
            };
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    SessionController_signIn: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SignInDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonDto"];
                };
            };
        };
    };
    SessionController_signOut: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    OverviewController_counts: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CountsDto"];
                };
            };
        };
    };
    SessionController_settings: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorkspaceSettingsDto"];
                };
            };
        };
    };
    SessionController_setSettings: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WorkspaceSettingsDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorkspaceSettingsDto"];
                };
            };
        };
    };
    PeopleController_choose: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChooseWorkspaceDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonDto"];
                };
            };
        };
    };
    SittingsController_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SittingSummaryDto"][];
                };
            };
        };
    };
    SittingsController_create: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewSittingDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ResponsesInDto"];
                };
            };
        };
    };
    SittingsController_get: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SittingDto"];
                };
            };
        };
    };
    SittingsController_save: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SaveSittingDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SittingDto"];
                };
            };
        };
    };
    SittingsController_remove: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    SittingsController_add: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AttemptsDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ResponsesInDto"];
                };
            };
        };
    };
    HereController_letMove: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                attempt: string;
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SittingDto"];
                };
            };
        };
    };
    SittingsController_feedback: {
        parameters: {
            query: {
                /** @description One file, or one for each in a zip */
                files: "one" | "each";
                /** @description Tell the right answers */
                keys: "true" | "false";
                size: "A4" | "Letter";
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    SittingsController_fetch: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ResponsesInDto"];
                };
            };
        };
    };
    SittingsController_give: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["GivenDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AttemptDto"];
                };
            };
        };
    };
    SittingsController_gradebook: {
        parameters: {
            query: {
                /** @description sourcedId of the class */
                classId: string;
                /** @description The field that the gradebook knows students by; empty: their names */
                field: string;
                /** @description sourcedId of the school */
                schoolId: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    SittingsController_regrade: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RegradeDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SittingDto"];
                };
            };
        };
    };
    SittingsController_reports: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    SittingsController_sheet: {
        parameters: {
            query: {
                as: "csv" | "xlsx";
                /** @description Of student, fields, submitted, total, share, points, answers, waiting; in order, parted by commas */
                columns: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    HereController_set: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TakingDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SittingDto"];
                };
            };
        };
    };
    SittingsController_undelete: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    HereController_open: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OpenHereDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SittingDto"];
                };
            };
        };
    };
    SittingsController_ofDelivery: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ResponsesInDto"];
                };
            };
        };
    };
    SittingsController_table: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/octet-stream": string;
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TableDto"];
                };
            };
        };
    };
    TakeController_about: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                code: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TakeAboutDto"];
                };
            };
        };
    };
    TakeController_begin: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                code: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BeginDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BegunDto"];
                };
            };
        };
    };
    TakeController_attempt: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                code: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TakingAttemptDto"];
                };
            };
        };
    };
    TakeController_save: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                code: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AnswersDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SavedDto"];
                };
            };
        };
    };
    TakeController_check: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                code: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AnswerDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShownItemDto"];
                };
            };
        };
    };
    TakeController_handIn: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                code: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AnswersDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TakingAttemptDto"];
                };
            };
        };
    };
    TakeController_hint: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                code: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlaceDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShownItemDto"];
                };
            };
        };
    };
    WorkspacesController_get: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorkspaceDto"];
                };
            };
        };
    };
    WorkspacesController_rename: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WorkspaceNameDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorkspaceDto"];
                };
            };
        };
    };
    WorkspacesController_delete: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    ArchiveController_write: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/zip": string;
                };
            };
        };
    };
    WorkspacesController_invite: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["InviteDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NewLinkDto"];
                };
            };
        };
    };
    WorkspacesController_takeBack: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    WorkspacesController_leave: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    WorkspacesController_setRole: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SetRoleDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorkspaceDto"];
                };
            };
        };
    };
    WorkspacesController_remove: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    WorkspacesController_reset: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NewLinkDto"];
                };
            };
        };
    };
    RecordController_search: {
        parameters: {
            query?: {
                /** @description Id of the last line of the page before */
                before?: string;
                text?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RecordPageDto"];
                };
            };
        };
    };
    WorkspacesController_undelete: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    WorkspacesController_make: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WorkspaceNameDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChooseWorkspaceDto"];
                };
            };
        };
    };
    ArchiveController_takeIn: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/octet-stream": string;
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TakenInDto"];
                };
            };
        };
    };
    WritingController_get: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WritingDto"];
                };
            };
        };
    };
    WritingController_page: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PageAddressDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PageDto"];
                };
            };
        };
    };
    WritingController_people: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AllowanceDto"][];
                };
            };
        };
    };
    WritingController_allow: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SetAllowanceDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AllowanceDto"][];
                };
            };
        };
    };
    WritingController_ofDrafts: {
        parameters: {
            query: {
                /** @description Ids, parted by commas */
                drafts: unknown;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReplyDto"][];
                };
            };
        };
    };
    WritingController_ask: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AskDto"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReplyDto"];
                };
            };
        };
    };
    WritingController_reply: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReplyDto"];
                };
            };
        };
    };
    WritingController_events: {
        parameters: {
            query?: never;
            header: {
                "last-event-id": string;
            };
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/event-stream": components["schemas"]["ReplyEventDto"];
                };
            };
        };
    };
    WritingController_goOn: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReplyDto"];
                };
            };
        };
    };
    WritingController_stop: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReplyDto"];
                };
            };
        };
    };
    WritingController_taken: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    WritingController_kept: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptRequestDto"][];
                };
            };
        };
    };
    WritingController_keep: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["KeepRequestDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptRequestDto"];
                };
            };
        };
    };
    WritingController_delete: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    WritingController_setService: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SetWritingServiceDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WritingDto"];
                };
            };
        };
    };
    WritingController_removeService: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    WritingController_use: {
        parameters: {
            query?: {
                /** @description Time of the last entry of the page before */
                before?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["UseDto"];
                };
            };
        };
    };
    WritingController_useAsCsv: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
        };
    };
    WritingController_words: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LookUpDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LookedUpDto"][];
                };
            };
        };
    };
    PicturesController_get: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": string;
                };
            };
        };
    };
}
